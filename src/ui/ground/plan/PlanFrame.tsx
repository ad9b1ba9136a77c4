'use client';

import { Maximize, Minus, Plus } from 'lucide-react';
import { useRef, type PointerEvent, type ReactNode, type Ref } from 'react';
import type { Point } from '@/core/place/outline/ring';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/say';
import { IconButton } from '../../kit/IconButton';
import { useUnits } from '../../kit/units';
import { planScale, zoomed, type PlanScale, type PlanView } from './view';

interface PlanFrameProps {
  label: string;
  size: { width: number; height: number };
  box: Ref<HTMLDivElement>;
  drawing: Ref<SVGSVGElement>;
  view: PlanView;
  onView: (view: PlanView) => void;
  /** Sees all of what is chosen. */
  onFit: () => void;
  /** Told of a place on the ground that was pressed, whatever lies there but handles. */
  onPress?: ((at: Point) => void) | undefined;
  children: (scale: PlanScale) => ReactNode;
}

const STEP = 1.35;

/** A press that moved less than this is no drag, px. */
const STILL = 4;

/** The ground from above: moved by dragging, nearer and further by the wheel or its buttons, to scale. */
export function PlanFrame(props: PlanFrameProps) {
  const { label, size, box, drawing, view, onView, onFit, onPress, children } = props;
  const scale = planScale(size, view);
  const held = useRef<{ x: number; y: number; middle: Point; moved: boolean } | null>(null);

  const under = (event: PointerEvent | React.WheelEvent): Point => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return scale.under(event.clientX - left, event.clientY - top);
  };
  const drag = (event: PointerEvent): void => {
    const from = held.current;
    if (!from) return;
    const [dx, dy] = [event.clientX - from.x, event.clientY - from.y];
    if (!from.moved && Math.hypot(dx, dy) < STILL) return;
    from.moved = true;
    onView({
      ...view,
      middle: [from.middle[0] - dx / view.perMetre, from.middle[1] + dy / view.perMetre],
    });
  };
  return (
    <div ref={box} className="relative min-h-0 grow overflow-hidden rounded border border-hairline">
      <svg
        ref={drawing}
        viewBox={`0 0 ${size.width} ${size.height}`}
        width={size.width}
        height={size.height}
        role="group"
        aria-label={label}
        className="block touch-none"
        onPointerDown={(event) => {
          if ((event.target as Element).closest('[role="slider"],[role="button"],[data-shape]'))
            return;
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = { x: event.clientX, y: event.clientY, middle: view.middle, moved: false };
        }}
        onPointerMove={drag}
        onPointerUp={(event) => {
          if (held.current && !held.current.moved) onPress?.(under(event));
          held.current = null;
        }}
        onPointerCancel={() => (held.current = null)}
        onWheel={(event) => onView(zoomed(view, event.deltaY < 0 ? STEP : 1 / STEP, under(event)))}
      >
        <rect width={size.width} height={size.height} fill="var(--turf)" />
        {children(scale)}
        <North x={size.width - 26} />
        <ScaleBar perMetre={view.perMetre} y={size.height - 14} />
      </svg>
      <div className="no-print absolute top-2 left-2 flex flex-col gap-1 rounded bg-paper/90">
        <IconButton label="Nearer" onClick={() => onView(zoomed(view, STEP))}>
          <Plus size={18} aria-hidden="true" />
        </IconButton>
        <IconButton label="Further away" onClick={() => onView(zoomed(view, 1 / STEP))}>
          <Minus size={18} aria-hidden="true" />
        </IconButton>
        <IconButton label="See all of it" onClick={onFit}>
          <Maximize size={18} aria-hidden="true" />
        </IconButton>
      </div>
    </div>
  );
}

/** Which way is north. */
function North({ x }: { x: number }) {
  return (
    <g transform={`translate(${x} 34)`} fill="var(--on-turf)">
      <path d="M0 -20 L6 -4 H-6 Z" />
      <text y="10" textAnchor="middle" fontSize="13">
        N
      </text>
    </g>
  );
}

/** Lengths that the bar may stand for, in the reader's unit, and how long it is at least, px. */
const LENGTHS = [1, 2, 5, 10, 20, 50, 100];
const LEAST_BAR = 60;

/** A length to read the drawing by. */
function ScaleBar({ perMetre, y }: { perMetre: number; y: number }) {
  const unit = unitFor('ground', useUnits());
  const length =
    LENGTHS.find((each) => toMetres(each, unit) * perMetre >= LEAST_BAR) ??
    Math.round(fromMetres(LEAST_BAR / perMetre, unit));
  const width = toMetres(length, unit) * perMetre;
  return (
    <g transform={`translate(14 ${y})`} stroke="var(--on-turf)" strokeWidth="2">
      <path d={`M0 -5 V0 H${width} V-5`} fill="none" />
      <text x={width + 8} fontSize="13" fill="var(--on-turf)" stroke="none">
        {length} {unit}
      </text>
    </g>
  );
}
