'use client';

import { sayAt } from '../../kit/ground';
import { useUnits } from '../../kit/units';
import { t } from '@/core/tell/language/t';
import { apart, middleOf, type Point } from '@/core/place/outline/ring';
import {
  mm,
  movedBy,
  withCornerAfter,
  withCornerAt,
  withoutCorner,
  withSand,
  type Shape,
} from '@/core/place/record/edit';
import { sandOn } from '@/core/place/record/onDay';
import { pointOf, ringOf, type Bunker, type GreenOn } from '@/core/place/record/place';
import { saySmall } from '@/core/tell/language/say';
import { Handle } from '../../drawing/Handle';
import type { PlanScale } from './view';

interface PlanHandlesProps {
  shape: Shape;
  scale: PlanScale;
  corner: number | null;
  /** The day whose sand is felt, YYYY-MM-DD. */
  day: string;
  onCorner: (corner: number) => void;
  onChange: (change: (shape: Shape) => Shape) => void;
  onStart: () => void;
  onEnd: () => void;
}

/** What marks the handle of a whole shape. */
const FOUR_WAYS =
  'M-18 0h36M0 -18v36M-14 -4l-4 4l4 4M14 -4l4 4l-4 4M-4 -14l4 -4l4 4M-4 14l4 4l4 -4';

/** How far an arrow key moves a handle, m. */
export const STEP = 0.1;

/** A side shorter than this has no room for a handle between its corners, px. */
const LEAST_SIDE = 40;

/** How far a handle reaches: half-way to the nearest other, so that none lies over another, m. */
const reachOf = (handles: readonly Point[], at: Point): number =>
  Math.min(...handles.map((each) => apart(each, at)).filter((away) => away > 0), Infinity) / 2;

/** Handles of a shape: its corners, new ones between them, itself as a whole, and the flags of a green. */
export function PlanHandles(props: PlanHandlesProps) {
  const units = useUnits();
  const { shape, scale, corner, day, onCorner, onChange, onStart, onEnd } = props;
  const ring = ringOf(shape.outline);
  const middle = middleOf(ring);
  const depths = 'sand' in shape ? (sandOn(shape, day)?.depths ?? []) : [];
  const handles = [...ring, middle, ...depths.map(pointOf)];
  if ('flags' in shape) handles.push(...shape.flags.map(pointOf));
  const put = (at: Point, move: (point: Point) => void) => ({
    reach: reachOf(handles, at) * scale.perMetre,
    x: scale.x(at[0]),
    y: scale.y(at[1]),
    value: at[0],
    valueText: sayAt(at, units),
    onMove: (px: number, py: number) => move(scale.under(px, py)),
    onStep: (along: number, up: number) => move([at[0] + along * STEP, at[1] + up * STEP]),
    onStart,
    onEnd,
  });
  return (
    <>
      {ring.map((at, i) => {
        const [nx, ny] = ring[(i + 1) % ring.length]!;
        if (apart(at, [nx, ny]) * scale.perMetre < LEAST_SIDE) return null;
        return (
          <Between
            key={`between ${i}`}
            label={t('Add a corner after corner {i}', { i: i + 1 })}
            x={scale.x((at[0] + nx) / 2)}
            y={scale.y((at[1] + ny) / 2)}
            onAdd={() => {
              onChange((now) => withCornerAfter(now, i));
              onCorner(i + 1);
            }}
          />
        );
      })}
      <path
        d={FOUR_WAYS}
        transform={`translate(${scale.x(middle[0])} ${scale.y(middle[1])})`}
        stroke="var(--ink)"
        strokeWidth="2"
        fill="none"
      />
      <Handle
        label={t('Move {shape}', { shape: shape.name })}
        {...put(middle, ([x, y]) =>
          onChange((now) => movedBy(now, [x - middle[0], y - middle[1]])),
        )}
      />
      {ring.map((at, i) => (
        <g
          key={i}
          onFocus={() => onCorner(i)}
          onKeyDown={(event) => {
            if (event.key !== 'Delete' && event.key !== 'Backspace') return;
            event.preventDefault();
            onChange((now) => withoutCorner(now, i));
          }}
        >
          {i === corner && (
            <circle
              cx={scale.x(at[0])}
              cy={scale.y(at[1])}
              r="12"
              fill="var(--flag)"
              className="pointer-events-none"
            />
          )}
          <Handle
            label={t('Corner {i} of {shape}', { i: i + 1, shape: shape.name })}
            {...put(at, (to) => onChange((now) => withCornerAt(now, i, to)))}
            onStart={() => {
              onCorner(i);
              onStart();
            }}
          />
        </g>
      ))}
      {'sand' in shape &&
        depths.map((spot, i) => (
          <g key={`depth ${i}`}>
            <DepthLabel x={scale.x(spot.x_m)} y={scale.y(spot.y_m)} depth={spot.depth_m} />
            <Handle
              label={t('Place of depth spot {i}', { i: i + 1 })}
              {...put(pointOf(spot), ([x_m, y_m]) =>
                onChange((now) =>
                  withSand(now as Bunker, day, {
                    depths: depths.map((each, k) =>
                      k === i ? { ...each, x_m: mm(x_m), y_m: mm(y_m) } : each,
                    ),
                  }),
                ),
              )}
            />
          </g>
        ))}
      {'flags' in shape &&
        shape.flags.map((flag) => (
          <Handle
            key={flag.id}
            label={t('Flag {flag}', { flag: flag.name })}
            {...put(pointOf(flag), ([x_m, y_m]) =>
              onChange((now) => ({
                ...now,
                flags: (now as GreenOn).flags.map((each) =>
                  each.id === flag.id ? { ...each, x_m, y_m } : each,
                ),
              })),
            )}
          />
        ))}
    </>
  );
}

/** How deep the sand is at a spot. */
function DepthLabel({ x, y, depth }: { x: number; y: number; depth: number }) {
  return (
    <text
      x={x}
      y={y + 28}
      textAnchor="middle"
      fontSize="14"
      fontWeight="600"
      fill="#14302a"
      className="pointer-events-none select-none"
    >
      {saySmall(depth, useUnits())}
    </text>
  );
}

/** A place between two corners where another is put. */
function Between({
  label,
  x,
  y,
  onAdd,
}: {
  label: string;
  x: number;
  y: number;
  onAdd: () => void;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      transform={`translate(${x} ${y})`}
      className="group cursor-pointer outline-none"
      onPointerDown={(event) => event.stopPropagation()}
      onClick={onAdd}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onAdd();
      }}
    >
      <circle r="12" className="pointer-coarse:[r:18px]" fill="transparent" />
      <circle
        r="5"
        fill="var(--paper)"
        stroke="var(--ink)"
        className="group-focus-visible:fill-(--flag) group-hover:fill-(--flag)"
      />
      <path d="M-3 0h6M0 -3v6" stroke="var(--ink)" />
    </g>
  );
}
