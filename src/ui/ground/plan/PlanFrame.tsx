'use client';

import { t } from '@/core/tell/language/t';
import { Maximize, Minus, Plus } from 'lucide-react';
import {
  useMemo,
  useRef,
  type PointerEvent,
  type ReactNode,
  type Ref,
  type WheelEvent,
} from 'react';
import type { Point } from '@/core/place/outline/ring';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/unitFor';
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

/** What takes a press for itself. */
const OF_ITS_OWN = '[role="slider"],[role="button"],[data-shape]';

const middleOf = (points: readonly Point[]): Point => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
];

/** How far two fingers are apart, px; 0 for one. */
const spreadOf = ([a, b]: readonly Point[]): number =>
  a && b ? Math.max(1, Math.hypot(b[0] - a[0], b[1] - a[1])) : 0;

/** The ground from above: moved by dragging, nearer and further by the wheel, two fingers or its buttons, to scale. */
export function PlanFrame(props: PlanFrameProps) {
  const { label, size, box, drawing, view, onView, onFit, onPress, children } = props;
  const scale = useMemo(() => planScale(size, view), [size, view]);
  /** Fingers on the plan, and where it stood when the last of them came down. */
  const fingers = useRef(new Map<number, Point>());
  const held = useRef<{ view: PlanView; from: Point[]; moved: boolean } | null>(null);

  const placeOf = (event: PointerEvent | WheelEvent): Point => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return [event.clientX - left, event.clientY - top];
  };
  /** Takes hold anew; of several fingers the last that leaves is no press. */
  const hold = (several = fingers.current.size > 1): void => {
    const from = [...fingers.current.values()];
    held.current = from.length > 0 ? { view, from, moved: several } : null;
  };
  /** Moves the plan under one finger, nearer and further under two. */
  const drag = (event: PointerEvent): void => {
    const start = held.current;
    if (!start || !fingers.current.has(event.pointerId)) return;
    fingers.current.set(event.pointerId, placeOf(event));
    const now = [...fingers.current.values()];
    const [before, after] = [middleOf(start.from), middleOf(now)];
    const [dx, dy] = [after[0] - before[0], after[1] - before[1]];
    if (!start.moved && Math.hypot(dx, dy) < STILL) return;
    start.moved = true;
    const { perMetre, middle } = start.view;
    const shifted = {
      perMetre,
      middle: [middle[0] - dx / perMetre, middle[1] + dy / perMetre] as Point,
    };
    const spread = spreadOf(start.from);
    const about = planScale(size, shifted).under(...after);
    onView(spread > 0 ? zoomed(shifted, spreadOf(now) / spread, about) : shifted);
  };
  const letGo = (event: PointerEvent): void => {
    if (!fingers.current.delete(event.pointerId)) return;
    if (held.current && !held.current.moved) onPress?.(scale.under(...placeOf(event)));
    hold(true);
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
          if ((event.target as Element).closest(OF_ITS_OWN)) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          fingers.current.set(event.pointerId, placeOf(event));
          hold();
        }}
        onPointerMove={drag}
        onPointerUp={letGo}
        onPointerCancel={(event) => {
          fingers.current.delete(event.pointerId);
          hold(true);
        }}
        onWheel={(event) =>
          onView(zoomed(view, event.deltaY < 0 ? STEP : 1 / STEP, scale.under(...placeOf(event))))
        }
      >
        <rect width={size.width} height={size.height} fill="var(--turf)" />
        {children(scale)}
        <North x={size.width - 26} />
        <ScaleBar perMetre={view.perMetre} y={size.height - 14} />
      </svg>
      <div className="no-print absolute top-2 left-2 flex flex-col gap-1 rounded bg-paper/90">
        <IconButton label={t('Zoom in')} onClick={() => onView(zoomed(view, STEP))}>
          <Plus size={18} aria-hidden="true" />
        </IconButton>
        <IconButton label={t('Zoom out')} onClick={() => onView(zoomed(view, 1 / STEP))}>
          <Minus size={18} aria-hidden="true" />
        </IconButton>
        <IconButton label={t('Show all of it')} onClick={onFit}>
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
