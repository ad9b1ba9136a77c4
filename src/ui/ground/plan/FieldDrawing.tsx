import { written } from '@/core/tell/language/written';
import { useId } from 'react';
import { costLines, type Costs, type Visit } from '@/core/place/field/field';
import type { Grid } from '@/core/place/field/grid';
import type { Ring } from '@/core/place/outline/ring';
import { pathOf, type PlanScale } from './view';

/** What the places of a bunker cost, as far as it is known. */
export interface FieldSoFar {
  grid: Grid;
  costs: Costs;
  /** Places looked at as the desk does. */
  done: number;
}

interface FieldDrawingProps extends Pick<FieldSoFar, 'grid' | 'costs'> {
  ring: Ring;
  visit: Visit | null;
  scale: PlanScale;
}

/** How dark the dearest ground is drawn. */
const DARKEST = 0.62;

/** What a ball costs over a bunker: the dearer the darker, with lines of equal cost that say what they stand for. */
export function FieldDrawing({ grid, costs, ring, visit, scale }: FieldDrawingProps) {
  const clip = useId();
  const lines = costLines(grid, costs);
  return (
    <g className="pointer-events-none" data-testid="field">
      <clipPath id={clip}>
        <path d={pathOf(ring, scale)} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {lines.map(({ strokes, rings }) => (
          <path
            key={strokes}
            d={rings.map((each) => pathOf(each, scale)).join('')}
            fill="var(--call-3)"
            fillOpacity={DARKEST / lines.length}
            fillRule="evenodd"
            stroke="var(--ink)"
            strokeWidth="1"
          />
        ))}
        {grid.places
          .filter((_, i) => costs[i] === null)
          .map(({ at: [east, north] }) => (
            <circle
              key={`${east} ${north}`}
              data-testid="not-looked-at"
              cx={scale.x(east)}
              cy={scale.y(north)}
              r="2"
              fill="var(--ink)"
              fillOpacity=".4"
            />
          ))}
      </g>
      {lines.map(({ strokes, rings }, i) => {
        const inside = rings.flat().filter((point) => isWellInside(point, grid));
        // Where lines lie close together their numbers stand apart along them.
        const at = inside[Math.floor(((i + 0.5) / lines.length) * inside.length)];
        return (
          at && (
            <text
              key={strokes}
              x={scale.x(at[0])}
              y={scale.y(at[1]) + 4}
              textAnchor="middle"
              fontSize="12"
              fontWeight="700"
              fill="var(--ink)"
              stroke="var(--paper)"
              strokeWidth="3"
              paintOrder="stroke"
            >
              {written(strokes.toFixed(1))}
            </text>
          )
        );
      })}
      {visit && (
        <path
          d={`M${scale.x(visit.worstAt[0]) - 6} ${scale.y(visit.worstAt[1]) - 6}l12 12m0 -12l-12 12`}
          stroke="var(--harm)"
          strokeWidth="3"
        />
      )}
    </g>
  );
}

/** Whether a point of a line stands beside a place in the sand, so that its number can be read there. */
const isWellInside = ([east, north]: readonly [number, number], { places, step }: Grid): boolean =>
  places.some(({ at }) => Math.hypot(at[0] - east, at[1] - north) < step * 0.75);
