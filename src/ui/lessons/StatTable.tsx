import { t } from '@/core/tell/language/t';
import { Sideways } from '../kit/Sideways';
import type { BallStats } from '@/core/lesson/review/stats';
import { statWords } from '@/core/tell/lessons/statWords';
import { useUnits } from '../kit/units';

interface StatTableProps {
  /** Sets of balls under their names, side by side. */
  columns: readonly { name: string; stats: BallStats }[];
}

/** What sets of balls come to, in the same lines. */
export function StatTable({ columns }: StatTableProps) {
  const units = useUnits();
  const told = columns.map(({ name, stats }) => ({ name, lines: statWords(stats, units) }));
  return (
    <Sideways label={t('Results')}>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <td />
            {told.map(({ name }, i) => (
              <th key={i} scope="col" className="min-w-36 py-1 pr-4">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {told[0]!.lines.map(([line], row) => (
            <tr key={line} className="border-b border-hairline align-top">
              <th scope="row" className="py-1.5 pr-4 font-normal">
                {line}
              </th>
              {told.map(({ lines }, i) => (
                <td key={i} className="py-1.5 pr-4">
                  {lines[row]![1]}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
