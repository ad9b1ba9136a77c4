import { t } from '@/core/tell/language/t';
import { sayLength } from '@/core/tell/language/say';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { inkOf } from '../drawing/inks';
import { useUnits } from '../kit/units';
import { NEAR } from './callLines';

interface OddsBarsProps {
  odds: CallEntry['odds'];
  /** Rank of the call, whose ink the bars have. */
  rank: number;
  className?: string;
}

/** What becomes of a call's balls, a bar each. */
export function OddsBars({ odds, rank, className = '' }: OddsBarsProps) {
  const units = useUnits();
  const { colour } = inkOf(rank);
  const rows = [
    [t('out'), odds.out],
    [t('on the green'), odds.green],
    [t('within {near}', { near: sayLength(NEAR, 'height', units) }), odds.within_2m],
    [t('thin'), odds.thin],
  ] as const;
  return (
    <dl className={className}>
      {rows.map(([name, share]) => (
        <div
          key={name}
          className="grid grid-cols-[1fr_minmax(3rem,7rem)_2.6rem] items-center gap-2"
        >
          <dt className="whitespace-nowrap">{name}</dt>
          <dd aria-hidden="true" className="h-1.5 rounded bg-hairline">
            <span
              className="block h-full rounded"
              style={{ width: `${share * 100}%`, background: colour }}
            />
          </dd>
          <dd className="text-right font-semibold">{Math.round(share * 100)}%</dd>
        </div>
      ))}
    </dl>
  );
}
