import { t } from '@/core/tell/language/t';
import type { BallStats, StatBall } from '@/core/lesson/review/stats';
import { degrees } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { apart } from '@/core/place/outline/ring';
import { pointOf } from '@/core/place/record/place';
import type { StationGround } from '@/core/place/fire/stationGround';
import { TrueGround } from '../drawing/above/TrueGround';
import { LYING_FILLS } from '../drawing/lyingFills';
import { Dots } from './Dots';
import { Plot, SIDE } from './Plot';

interface FinishPlotProps {
  balls: readonly StatBall[];
  finish: BallStats['finish'];
  units: UnitSystem;
  /** The ground as it was drawn, where all balls are from one station on it. */
  ground?: StationGround | undefined;
}

const FARTHEST = 25;
const DIAGONAL = Math.SQRT1_2;

/** What finishes come to, in a sentence. */
export const finishWords = (finish: BallStats['finish'], units: UnitSystem): string =>
  finish
    ? t('{of} finishes around the flag; on average {along} {along2} and {right} {right2}.', {
        of: finish.of,
        along: sayLength(Math.abs(finish.along), 'ground', units),
        along2: finish.along >= 0 ? t('past') : t('short'),
        right: sayLength(Math.abs(finish.right), 'ground', units),
        right2: finish.right >= 0 ? t('right') : t('left'),
      })
    : t('No finishes logged yet.');

/** Finishes about the flag from above, the line of play upwards, with the ellipse of eight in ten and the middle. */
export function FinishPlot({ balls, finish, units, ground }: FinishPlotProps) {
  const places = balls.flatMap(({ along_m, right_m, pin, excluded }) =>
    along_m === undefined
      ? []
      : [{ along: along_m - pin, right: right_m ?? 0, excluded: Boolean(excluded) }],
  );
  const ellipse = finish?.ellipse;
  const reach = Math.max(
    4,
    ellipse ? Math.abs(ellipse.x) + ellipse.long * Math.abs(Math.cos(ellipse.turn)) : 0,
    ellipse ? Math.abs(ellipse.y) + ellipse.long * Math.abs(Math.sin(ellipse.turn)) : 0,
    ...places.map(({ along, right }) => Math.max(Math.abs(along), Math.abs(right))),
  );
  const perMetre = SIDE / 2 / (Math.min(reach, FARTHEST) * 1.06);
  // A ball beyond the plot stands at its edge.
  const within = (v: number): number => Math.max(6, Math.min(SIDE - 6, v));
  const x = (right: number): number => SIDE / 2 + right * perMetre;
  const y = (along: number): number => SIDE / 2 - along * perMetre;
  const points = (excluded: boolean): [number, number][] =>
    places
      .filter((place) => place.excluded === excluded)
      .map(({ along, right }) => [within(x(right)), within(y(along))]);
  const unit = unitFor('ground', units);
  const rings = [2, 5, 10, 20].map((r) => toMetres(r, unit)).filter((r) => r * perMetre < SIDE / 2);
  return (
    <Plot
      label={finishWords(finish, units)}
      ground={ground ? LYING_FILLS.rough : LYING_FILLS.green}
    >
      {ground && (
        <TrueGround
          ground={ground}
          x={(_, right) => x(right)}
          y={(along) => y(along - apart(pointOf(ground.ball), pointOf(ground.hole)))}
        />
      )}
      {rings.map((r) => (
        <g key={r} data-testid="ring">
          <circle
            cx={SIDE / 2}
            cy={SIDE / 2}
            r={r * perMetre}
            fill="none"
            stroke="#14302a"
            strokeOpacity="0.35"
          />
          <text x={x(r * DIAGONAL) + 3} y={y(-r * DIAGONAL) + 12} fill="#14302a">
            {sayLength(r, 'ground', units)}
          </text>
        </g>
      ))}
      <Dots at={points(true)} hollow />
      <Dots at={points(false)} />
      {finish?.ellipse && (
        <ellipse
          rx={finish.ellipse.long * perMetre}
          ry={finish.ellipse.short * perMetre}
          transform={`translate(${x(finish.ellipse.y)} ${y(finish.ellipse.x)}) rotate(${-90 + degrees(finish.ellipse.turn)})`}
          fill="none"
          stroke="#072f26"
          strokeWidth="2.4"
        />
      )}
      {finish && (
        <path
          d={`M${x(finish.right) - 7} ${y(finish.along)} h14 m-7 -7 v14`}
          stroke="#4b1b5e"
          strokeWidth="3"
        />
      )}
      <path
        d={`M${SIDE / 2} ${SIDE / 2} v-30 l20 7 l-20 7`}
        fill="var(--flag)"
        stroke="#14302a"
        strokeWidth="2"
      />
    </Plot>
  );
}
