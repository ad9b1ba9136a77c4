'use client';

import { useRef, type CSSProperties, type KeyboardEvent, type PointerEvent } from 'react';

interface HandleProps {
  /** Name and value for a screen reader. */
  label: string;
  valueText: string;
  value: number;
  x: number;
  y: number;
  /** Moves it to a place of the drawing, px. */
  onMove: (x: number, y: number) => void;
  /** Moves it by steps: along the line, and up where it may go up. */
  onStep: (along: number, up: number) => void;
  onStart: () => void;
  onEnd: () => void;
  /** How far round it presses are its own, px, where others lie near; else as far as is usual. */
  reach?: number;
}

/** A finger's reach, px. */
const FARTHEST_REACH = 24;

const STEPS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** A place in a drawing that can be dragged, or moved with the arrow keys. */
export function Handle(props: HandleProps) {
  const { label, valueText, value, x, y, onMove, onStep, onStart, onEnd } = props;
  const { reach = FARTHEST_REACH } = props;
  const held = useRef<{ dx: number; dy: number } | null>(null);

  /** Place of the pointer in the drawing. */
  const placeOf = (event: PointerEvent<SVGGElement>): { px: number; py: number } => {
    const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    return { px: event.clientX - box.left, py: event.clientY - box.top };
  };

  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(value * 10) / 10}
      aria-valuetext={valueText}
      transform={`translate(${x} ${y})`}
      className="group cursor-grab touch-none outline-none active:cursor-grabbing"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const { px, py } = placeOf(event);
        held.current = { dx: px - x, dy: py - y };
        onStart();
      }}
      onPointerMove={(event) => {
        if (!held.current) return;
        const { px, py } = placeOf(event);
        onMove(px - held.current.dx, py - held.current.dy);
      }}
      onPointerUp={() => {
        held.current = null;
        onEnd();
      }}
      onPointerCancel={() => {
        held.current = null;
        onEnd();
      }}
      onKeyDown={(event: KeyboardEvent) => {
        const step = STEPS[event.key];
        if (!step) return;
        event.preventDefault();
        const by = event.shiftKey ? 5 : 1;
        onStep(step[0] * by, step[1] * by);
      }}
    >
      <circle
        style={{ '--reach': `${reach}px` } as CSSProperties}
        className="[r:min(16px,var(--reach))] pointer-coarse:[r:min(24px,var(--reach))]"
        fill="transparent"
      />
      <circle
        r="6"
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="2"
        className="group-hover:fill-(--flag) group-focus-visible:fill-(--flag) group-active:fill-(--flag)"
      />
      <circle
        r="11"
        fill="none"
        stroke="var(--flag)"
        strokeWidth="3"
        opacity="0"
        className="group-focus-visible:opacity-100"
      />
    </g>
  );
}
