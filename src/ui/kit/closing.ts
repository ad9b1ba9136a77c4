'use client';

import { useEffect, useRef } from 'react';

/**
 * Of several of which one is open: what is open once `which` has closed. Another that was opened meanwhile stays.
 *
 * @example
 * closing('lip')('lip'); // => null
 * closing('lip')('sand'); // => 'sand'
 */
export const closing =
  (which: string) =>
  <T extends string>(now: T | null): T | null =>
    now === which ? null : now;

/**
 * Closes a dialog from within, once an answer has come. A dialog that was closed meanwhile closes nothing more: another may stand
 * open in its place.
 */
export function useClosing(onClose: () => void): () => void {
  const isOpen = useRef(false);
  useEffect(() => {
    isOpen.current = true;
    return () => {
      isOpen.current = false;
    };
  }, []);
  return () => {
    if (isOpen.current) onClose();
  };
}
