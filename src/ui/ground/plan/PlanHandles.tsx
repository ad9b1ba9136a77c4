'use client';

import { middleOf, type Point } from '@/core/place/outline/ring';
import {
  movedBy,
  withCornerAfter,
  withCornerAt,
  withoutCorner,
  type Shape,
} from '@/core/place/record/edit';
import { pointOf, ringOf, type GreenOn } from '@/core/place/record/place';
import { Handle } from '../../drawing/Handle';
import type { PlanScale } from './view';

interface PlanHandlesProps {
  shape: Shape;
  scale: PlanScale;
  corner: number | null;
  onCorner: (corner: number) => void;
  onChange: (change: (shape: Shape) => Shape) => void;
  onStart: () => void;
  onEnd: () => void;
}

/** What marks the handle of a whole shape. */
const FOUR_WAYS =
  'M-18 0h36M0 -18v36M-14 -4l-4 4l4 4M14 -4l4 4l-4 4M-4 -14l4 -4l4 4M-4 14l4 4l4 -4';

/** How far an arrow key moves a handle, m. */
const STEP = 0.1;

const sayAt = ([east, north]: Point): string =>
  `${east.toFixed(1)} m east, ${north.toFixed(1)} m north`;

/** Handles of a shape: its corners, new ones between them, itself as a whole, and the flags of a green. */
export function PlanHandles(props: PlanHandlesProps) {
  const { shape, scale, corner, onCorner, onChange, onStart, onEnd } = props;
  const ring = ringOf(shape.outline);
  const middle = middleOf(ring);
  const put = (at: Point, move: (point: Point) => void) => ({
    x: scale.x(at[0]),
    y: scale.y(at[1]),
    value: at[0],
    valueText: sayAt(at),
    onMove: (px: number, py: number) => move(scale.under(px, py)),
    onStep: (along: number, up: number) => move([at[0] + along * STEP, at[1] + up * STEP]),
    onStart,
    onEnd,
  });
  return (
    <>
      {ring.map((at, i) => {
        const [nx, ny] = ring[(i + 1) % ring.length]!;
        return (
          <Between
            key={`between ${i}`}
            label={`Add a corner after corner ${i + 1}`}
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
        label={`Move ${shape.name}`}
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
            label={`Corner ${i + 1} of ${shape.name}`}
            {...put(at, (to) => onChange((now) => withCornerAt(now, i, to)))}
            onStart={() => {
              onCorner(i);
              onStart();
            }}
          />
        </g>
      ))}
      {'flags' in shape &&
        shape.flags.map((flag) => (
          <Handle
            key={flag.id}
            label={`Flag ${flag.name}`}
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
