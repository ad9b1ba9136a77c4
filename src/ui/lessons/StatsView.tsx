import type { Shot } from '@/core/shot/shot';
import { forStats } from '@/core/lesson/against';
import { statsOf, type BallStats, type Share } from '@/core/lesson/stats';
import { fromMetres } from '@/core/units/length';
import { plainNumber } from '@/core/units/say';
import type { UnitSystem } from '@/core/units/system';
import { FinishPlot } from './FinishPlot';
import type { ShownBall } from './types';

interface StatsViewProps {
  balls: readonly ShownBall[];
  /** Shot of each station. */
  shots: readonly Shot[];
  units: UnitSystem;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

const shareWords = ({ count, of, share, low, high }: Share): string =>
  of === 0
    ? 'not known'
    : `${count} of ${of}, ${percent(share)} (${percent(low)}–${percent(high)})`;

/** What a set of balls comes to, line by line. */
function lines(stats: BallStats, units: UnitSystem): [string, string][] {
  const small = units === 'metres' ? 'cm' : 'in';
  const far = (metres: number): string => `${plainNumber(fromMetres(metres, small))} ${small}`;
  return [
    ['balls', String(stats.balls)],
    ['out of the bunker', shareWords(stats.out)],
    ['thin', shareWords(stats.thin)],
    [
      'mark against the call',
      stats.entry
        ? `${far(Math.abs(stats.entry.bias))} ${stats.entry.bias >= 0 ? 'further back' : 'nearer'}, ± ${far(stats.entry.spread)}`
        : 'too few',
    ],
    [
      'carry of the call',
      stats.carry ? `${percent(stats.carry.ratio)}, ± ${percent(stats.carry.spread)}` : 'too few',
    ],
  ];
}

/** Finishes, and the numbers of all balls, of the first half and of the second. */
export function StatsView({ balls, shots, units }: StatsViewProps) {
  const all = balls.map((ball) => forStats(ball, shots[ball.station] ?? shots[0]!));
  const counted = all.filter(({ excluded }) => !excluded);
  const half = Math.ceil(counted.length / 2);
  const columns = [
    { name: 'all', stats: statsOf(all) },
    ...(counted.length >= 6
      ? [
          { name: 'first half', stats: statsOf(counted.slice(0, half)) },
          { name: 'second half', stats: statsOf(counted.slice(half)) },
        ]
      : []),
  ];
  const [whole] = columns;
  return (
    <div className="grid grid-cols-[minmax(0,22rem)_1fr] gap-8 max-lg:grid-cols-1">
      <FinishPlot
        places={all.flatMap(({ along_m, right_m, pin, excluded }) =>
          along_m === undefined
            ? []
            : [{ along: along_m - pin, right: right_m ?? 0, excluded: Boolean(excluded) }],
        )}
        finish={whole!.stats.finish}
        units={units}
      />
      <div className="overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-hairline">
              <td />
              {columns.map(({ name }) => (
                <th key={name} scope="col" className="py-1 pr-4">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines(whole!.stats, units).map(([name], row) => (
              <tr key={name} className="border-b border-hairline">
                <th scope="row" className="py-1.5 pr-4 font-normal">
                  {name}
                </th>
                {columns.map((column) => (
                  <td key={column.name} className="pr-4">
                    {lines(column.stats, units)[row]![1]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-1 text-sm text-ink-soft">
          In brackets what the true share may be, nineteen times in twenty. Balls that were excluded
          are drawn dashed and do not count.
        </p>
      </div>
    </div>
  );
}
