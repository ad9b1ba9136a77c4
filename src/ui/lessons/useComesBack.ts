'use client';

import { useContext, useEffect } from 'react';
import { EngineContext } from '../engine/useTask';

/**
 * Has the browser keep this page, where it can (over https, or on this machine): loaded again while the server is away it comes back,
 * with the balls that wait. The document says `keptForLater` once it would.
 */
export function useComesBack(): void {
  const engineOf = useContext(EngineContext);
  useEffect(() => {
    const { serviceWorker } = navigator as Partial<Navigator>;
    if (!serviceWorker) return;
    const told = new MessageChannel();
    const gone = new AbortController();
    told.port1.onmessage = ({ data }) => {
      if (data === true) document.documentElement.dataset.keptForLater = 'true';
    };
    const begin = async (): Promise<void> => {
      await serviceWorker.register('/at-the-bunker.js');
      const { active } = await serviceWorker.ready;
      // Calls come from threads, whose scripts must be there as well.
      const scripts = await engineOf().run('scripts', [], gone);
      const own = performance.getEntriesByType('resource').map(({ name }) => name);
      const parts = [...new Set([...own, ...scripts])];
      const url = window.location.origin + window.location.pathname;
      active?.postMessage({ url, parts }, [told.port2]);
    };
    // A browser that will not is no worse off than before.
    begin().catch(() => undefined);
    return () => {
      gone.abort();
      told.port1.close();
    };
  }, [engineOf]);
}
