'use client';

import { useEffect, useState, type ComponentType } from 'react';
import type { Overlay } from '../commands/overlays';
import type { OpenedProps } from './Opened';

/** Everything that opens over the desk, one at a time. It is fetched apart from the desk, which must be there first. */
export function DeskOverlays({
  which,
  ...props
}: Omit<OpenedProps, 'which'> & { which: Overlay | null }) {
  const [fetched, setFetched] = useState<{ Opened: ComponentType<OpenedProps> } | null>(null);
  // Once at the start; where it did not come then, each time that something is to be opened.
  useEffect(() => {
    if (!fetched) import('./Opened').then(setFetched, () => undefined);
  }, [fetched, which]);
  return fetched && which && <fetched.Opened {...props} which={which} />;
}
