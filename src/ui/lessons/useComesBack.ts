'use client';

import { useEffect } from 'react';

/**
 * Has the browser keep this page, where it can (over https, or on this machine): loaded again while the server is away it comes back,
 * with the balls that wait. The document says `keptForLater` once it would.
 */
export function useComesBack(): void {
  useEffect(() => {
    const { serviceWorker } = navigator as Partial<Navigator>;
    if (!serviceWorker) return;
    const told = new MessageChannel();
    told.port1.onmessage = ({ data }) => {
      if (data === true) document.documentElement.dataset.keptForLater = 'true';
    };
    const begin = async (): Promise<void> => {
      await serviceWorker.register('/at-the-bunker.js');
      const { active } = await serviceWorker.ready;
      const parts = performance.getEntriesByType('resource').map(({ name }) => name);
      const url = window.location.origin + window.location.pathname;
      active?.postMessage({ url, parts }, [told.port2]);
    };
    // A browser that will not is no worse off than before.
    begin().catch(() => undefined);
    return () => told.port1.close();
  }, []);
}
