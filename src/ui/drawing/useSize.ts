'use client';

import { useEffect, useRef, useState } from 'react';

/** Width and height of an element as it is laid out, px; the given size until it is known. */
export function useSize<T extends Element>(first: { width: number; height: number }) {
  const ref = useRef<T>(null);
  const [size, setSize] = useState(first);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      if (width > 0 && height > 0) setSize({ width, height });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size] as const;
}
