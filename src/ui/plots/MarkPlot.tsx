import { t } from '@/core/tell/language/t';
import { statsOf, type StatBall } from '@/core/lesson/review/stats';
import type { Hand } from '@/core/ground/player/player';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { Dots } from './Dots';
import { Plot, SIDE } from './Plot';

interface MarkPlotProps {
  balls: readonly StatBall[];
  handed: Hand;
  units: UnitSystem;
}

const TOP = 26;
const BOTTOM = SIDE - 26;
const MARGIN = 14;
const LEAST_REACH = 0.05;
const MOST_REACH = 0.2;

/** What marks come to, in a sentence. */
export function markWords(balls: readonly StatBall[], units: UnitSystem): string {
  const { entry } = statsOf(balls);
  if (!entry) return t('Too few entry points logged yet.');
  const unit = unitFor('short', units);
  const off = plainNumber(fromMetres(Math.abs(entry.bias), unit));
  return t('{of} entry points; on average {off} {unit} {bias}. First ball at the top.', {
    of: entry.of,
    off,
    unit,
    bias:
      entry.bias >= 0
        ? t('further behind the ball than planned')
        : t('nearer the ball than planned'),
  });
}

/** Marks about where each was called, ball by ball from the first at the top to the last at the bottom. */
export function MarkPlot({ balls, handed, units }: MarkPlotProps) {
  const unit = unitFor('short', units);
  const marks = balls.flatMap(({ entry_m, entryMeant, excluded }) =>
    entry_m === undefined ? [] : [{ off: entry_m - entryMeant, excluded: Boolean(excluded) }],
  );
  const { entry } = statsOf(balls);
  const reach = Math.min(
    MOST_REACH,
    Math.max(LEAST_REACH, ...marks.map(({ off }) => Math.abs(off))) * 1.1,
  );
  // Further back is to the trail side, as on the strip of sand.
  const back = handed === 'left' ? 1 : -1;
  const x = (off: number): number =>
    SIDE / 2 + back * (Math.max(-reach, Math.min(reach, off)) / reach) * (SIDE / 2 - MARGIN);
  const y = (i: number): number => TOP + ((i + 0.5) / marks.length) * (BOTTOM - TOP);
  const step = units === 'metres' ? 0.02 : toMetres(1, 'in');
  const ticks = [-4, -3, -2, -1, 1, 2, 3, 4]
    .map((k) => k * step)
    .filter((v) => Math.abs(v) < reach);
  const points = (excluded: boolean): [number, number][] =>
    marks.flatMap((mark, i) =>
      mark.excluded === excluded ? [[x(mark.off), y(i)] as [number, number]] : [],
    );
  return (
    <Plot label={markWords(balls, units)} ground="var(--sand)">
      {ticks.map((off) => (
        <g key={off}>
          <line
            x1={x(off)}
            x2={x(off)}
            y1={TOP}
            y2={BOTTOM}
            stroke="#14302a"
            strokeOpacity="0.18"
          />
          <text x={x(off)} y={BOTTOM + 16} textAnchor="middle" fill="#14302a">
            {plainNumber(fromMetres(Math.abs(off), unit), 0)}
          </text>
        </g>
      ))}
      <text x={SIDE / 2} y={BOTTOM + 16} textAnchor="middle" fill="#14302a">
        {t('plan')}
      </text>
      <text x={MARGIN} y={TOP - 9} fill="#14302a">
        {back < 0 ? t('further behind, {unit}', { unit }) : t('nearer the ball')}
      </text>
      <text x={SIDE - MARGIN} y={TOP - 9} textAnchor="end" fill="#14302a">
        {back < 0 ? t('nearer the ball') : t('further behind, {unit}', { unit })}
      </text>
      <line
        x1={SIDE / 2}
        x2={SIDE / 2}
        y1={TOP}
        y2={BOTTOM}
        stroke="#14302a"
        strokeWidth="2.5"
        strokeDasharray="7 5"
      />
      <Dots at={points(true)} hollow />
      <Dots at={points(false)} />
      {entry && (
        <path
          d={`M${x(entry.bias)} ${TOP - 4}v12m-6 -6h12`}
          stroke="#4b1b5e"
          strokeWidth="3"
          fill="none"
        />
      )}
    </Plot>
  );
}
