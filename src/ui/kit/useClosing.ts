'use client';

import { useEffect, useRef } from 'react';

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
