import { memo, useId } from 'react';
import { apart } from '@/core/place/outline/ring';
import type { DrawnBunker, DrawnPlace, DrawnShape, Lying } from '@/core/place/sight/drawnPlace';
import { LYING_FILLS } from '../../drawing/lyingFills';
import { Face } from './Face';
import { pathOf, type PlanScale } from './view';

interface PlanShapesProps {
  place: DrawnPlace;
  scale: PlanScale;
  /** The shape that is chosen. */
  chosen: string | null;
  /** Drawn as outlines alone: a picture lies under them. */
  outlined?: boolean;
  /** Told which shape is pressed; absent where none can be. */
  onChoose?: ((id: string) => void) | undefined;
}

/** Everything of a place that has an outline, from above, with its name; where nothing is to be chosen only bunkers and greens are named. */
export const PlanShapes = memo(function PlanShapes(props: PlanShapesProps) {
  const { place, scale, chosen, outlined = false, onChoose } = props;
  const waves = useId();
  const hatch = useId();
  const pattern: Partial<Record<Lying, string>> = { water: waves, 'out-of-bounds': hatch };
  const bunkers = new Map<DrawnShape, DrawnBunker>(place.bunkers.map((each) => [each, each]));
  return (
    <>
      <defs>
        <pattern id={waves} width="26" height="12" patternUnits="userSpaceOnUse">
          <path d="M0 6 q6.5 -5 13 0 t13 0" fill="none" stroke="var(--paper)" strokeOpacity=".6" />
        </pattern>
        <pattern
          id={hatch}
          width="9"
          height="9"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0 V9" stroke="var(--paper)" strokeOpacity=".6" strokeWidth="2" />
        </pattern>
      </defs>
      {[...place.shapes].reverse().map((shape) => {
        const d = pathOf(shape.ring, scale);
        const bunker = bunkers.get(shape);
        return (
          <g
            key={shape.id}
            data-shape={onChoose && shape.id}
            onPointerDown={onChoose && (() => onChoose(shape.id))}
            className={onChoose && 'cursor-pointer'}
          >
            <path
              d={d}
              fill={LYING_FILLS[shape.lying]}
              fillOpacity={outlined ? 0.25 : 1}
              stroke={outlined ? 'var(--ink)' : 'none'}
            />
            {pattern[shape.lying] && <path d={d} fill={`url(#${pattern[shape.lying]})`} />}
            {bunker && <Face bunker={bunker} scale={scale} />}
            {shape.id === chosen && (
              <path
                d={d}
                fill="none"
                stroke="var(--flag)"
                strokeWidth="2.5"
                strokeDasharray="6 4"
              />
            )}
          </g>
        );
      })}
      {(onChoose ? place.shapes : [...place.bunkers, ...place.greens]).map((shape) => (
        <Name key={shape.id} shape={shape} scale={scale} />
      ))}
    </>
  );
});

/** A shape smaller than this has no room for its name, px. */
const LEAST_NAMED = 34;

/** Where a name stands, px from the least or the greatest north of its shape: a bunker's under it, for the ball lies in its middle. */
const NAME_AT: Partial<Record<Lying, readonly [end: 'low' | 'high', down: number]>> = {
  sand: ['low', 18],
  green: ['high', 22],
  fringe: ['low', -6],
};

/** The name of a shape, where there is room. */
function Name({ shape: { box, name, lying }, scale }: { shape: DrawnShape; scale: PlanScale }) {
  const { low, high } = box;
  const across = apart(low, [high[0], low[1]]) * scale.perMetre;
  if (across < LEAST_NAMED) return null;
  const at = NAME_AT[lying];
  return (
    <text
      x={scale.x((low[0] + high[0]) / 2)}
      y={at ? scale.y((at[0] === 'low' ? low : high)[1]) + at[1] : scale.y((low[1] + high[1]) / 2)}
      textAnchor="middle"
      fontSize="13"
      fill="var(--on-turf)"
      stroke="var(--turf-deep)"
      strokeWidth="3"
      paintOrder="stroke"
      className="pointer-events-none select-none"
    >
      {name}
    </text>
  );
}
