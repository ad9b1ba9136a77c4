'use client';

import { useRef, useState, type PointerEvent } from 'react';
import { WHOLE_VIEW, type SectionView } from './scale';

const CLOSEST = 24;
const STRETCHES = [1, 2, 4] as const;

/** How the section is looked at: zoomed about a place, moved with the hand, stretched upwards by choice. */
export function useSectionView(width: number, ground: number) {
  const [view, setView] = useState(WHOLE_VIEW);
  const held = useRef<{ px: number; py: number; view: SectionView } | null>(null);

  /** Enlarges by `factor`; what lies under the place stays there. */
  const zoom = (factor: number, at: { x: number; y: number }): void =>
    setView((now) => {
      const zoomed = Math.min(CLOSEST, Math.max(1, now.zoom * factor));
      if (zoomed === 1) return { ...WHOLE_VIEW, stretch: now.stretch };
      const by = zoomed / now.zoom;
      const middle = width / 2;
      return {
        ...now,
        zoom: zoomed,
        along: (at.x - middle) * (1 - by) + now.along * by,
        up: (at.y - ground) * (1 - by) + now.up * by,
      };
    });

  return {
    view,
    zoom,
    whole: () => setView(WHOLE_VIEW),
    stretch: () =>
      setView((now) => ({
        ...now,
        stretch: STRETCHES[(STRETCHES.indexOf(now.stretch as 1) + 1) % STRETCHES.length]!,
      })),
    /** Drags the whole drawing; for its background. */
    hand: {
      onPointerDown: (event: PointerEvent<Element>) => {
        if (event.target !== event.currentTarget || view.zoom === 1) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { px: event.clientX, py: event.clientY, view };
      },
      onPointerMove: (event: PointerEvent<Element>) => {
        const from = held.current;
        if (!from) return;
        setView({
          ...from.view,
          along: from.view.along + event.clientX - from.px,
          up: from.view.up + event.clientY - from.py,
        });
      },
      onPointerUp: () => (held.current = null),
      onPointerCancel: () => (held.current = null),
    },
  };
}
