import { t } from '@/core/tell/language/t';
import type { StatBall } from '@/core/lesson/review/stats';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { Dots } from './Dots';
import { Plot, SIDE } from './Plot';

interface CarryPlotProps {
  balls: readonly StatBall[];
  units: UnitSystem;
}

const LEFT = 34;
const BOTTOM = SIDE - 28;
const TOP = 12;
const RIGHT = SIDE - 12;

/** Steps of an axis up to a value: four or five round ones. */
function steps(most: number): number[] {
  const step = [1, 2, 5, 10, 20, 50, 100].find((each) => most / each <= 5) ?? 200;
  return Array.from({ length: Math.floor(most / step) }, (_, i) => (i + 1) * step);
}

/** How many carries there are and how they are drawn, in a sentence. */
export function carryWords(balls: readonly StatBall[], units: UnitSystem): string {
  const counted = balls.filter(({ carry_m, excluded }) => carry_m !== undefined && !excluded);
  if (counted.length === 0) return t('No carries logged yet.');
  return t(
    '{things} carries against the planned carry, {unit}. On the line the ball carries as planned.',
    { things: counted.length, unit: unitFor('ground', units) },
  );
}

/** Carry against the carry of the call: on the line a ball carries what was called. */
export function CarryPlot({ balls, units }: CarryPlotProps) {
  const unit = unitFor('ground', units);
  const carries = balls.flatMap(({ carry_m, carryMeant, excluded }) =>
    carry_m === undefined
      ? []
      : [{ carry: carry_m, meant: carryMeant, excluded: Boolean(excluded) }],
  );
  const most = Math.max(5, ...carries.flatMap(({ carry, meant }) => [carry, meant])) * 1.08;
  const x = (meant: number): number => LEFT + (meant / most) * (RIGHT - LEFT);
  const y = (carry: number): number => BOTTOM - (carry / most) * (BOTTOM - TOP);
  const points = (excluded: boolean): [number, number][] =>
    carries
      .filter((each) => each.excluded === excluded)
      .map(({ carry, meant }) => [x(meant), y(carry)]);
  return (
    <Plot label={carryWords(balls, units)} ground="var(--paper-deep)">
      {steps(fromMetres(most, unit)).map((value) => {
        const at = toMetres(value, unit);
        return (
          <g key={value} fill="var(--ink)">
            <path
              d={`M${LEFT} ${y(at)}H${RIGHT}M${x(at)} ${TOP}V${BOTTOM}`}
              stroke="var(--hairline)"
            />
            <text x={LEFT - 5} y={y(at) + 4} textAnchor="end">
              {plainNumber(value, 0)}
            </text>
            <text x={x(at)} y={BOTTOM + 16} textAnchor="middle">
              {plainNumber(value, 0)}
            </text>
          </g>
        );
      })}
      <path
        d={`M${x(0)} ${y(0)}L${x(most)} ${y(most)}`}
        stroke="var(--ink)"
        strokeWidth="2"
        strokeDasharray="7 5"
      />
      <text x={LEFT + 8} y={TOP + 14} fill="var(--ink)">
        {t('carried')}
      </text>
      <text x={RIGHT - 4} y={BOTTOM - 7} textAnchor="end" fill="var(--ink)">
        {t('planned')}
      </text>
      <Dots at={points(true)} hollow />
      <Dots at={points(false)} />
    </Plot>
  );
}
