import { partName } from '@/core/tell/lessons/partWords';
import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { ReactNode } from 'react';
import { COMPARISONS, type Comparison, type Part } from '@/core/lesson/review/parts';
import { statsOf, type StatBall } from '@/core/lesson/review/stats';
import type { StationGround } from '@/core/place/fire/stationGround';
import type { Hand } from '@/core/ground/player/player';
import { CarryPlot, carryWords } from '../plots/CarryPlot';
import { FinishPlot, finishWords } from '../plots/FinishPlot';
import { MarkPlot, markWords } from '../plots/MarkPlot';
import { StatTable } from './StatTable';
import { useUnits } from '../kit/units';
import { Pick } from '../kit/fields';

interface StatsViewProps {
  /** Balls that are looked at. */
  balls: readonly StatBall[];
  /** The same balls, or those of everybody, side by side. */
  parts: readonly Part<StatBall>[];
  by: Comparison;
  onBy: (by: Comparison) => void;
  handed: Hand;
  /** The ground as it was drawn, where all balls are from one station on it. */
  ground?: StationGround | undefined;
}

const COMPARED_BY: Record<Comparison, string> = told({
  halves: 'halves',
  stations: 'stations',
  clubs: 'clubs',
  players: 'players',
});

/** Finishes, marks and carries drawn, and the numbers of all balls and of their parts. */
export function StatsView({ balls, parts, by, onBy, handed, ground }: StatsViewProps) {
  const units = useUnits();
  const whole = statsOf(balls);
  const columns = [
    { name: t('all'), stats: whole },
    ...parts.map((part) => ({ name: partName(by, part.name), stats: statsOf(part.balls) })),
  ];
  return (
    <section aria-label={t('Results')}>
      <div className="grid grid-cols-3 gap-6 max-lg:grid-cols-2 max-sm:grid-cols-1">
        <Figure words={finishWords(whole.finish, units)}>
          <FinishPlot balls={balls} finish={whole.finish} units={units} ground={ground} />
        </Figure>
        <Figure words={markWords(balls, units)}>
          <MarkPlot balls={balls} handed={handed} units={units} />
        </Figure>
        <Figure words={carryWords(balls, units)}>
          <CarryPlot balls={balls} units={units} />
        </Figure>
      </div>
      <div className="mt-4 flex">
        <Pick
          label={t('Compare')}
          value={by}
          onValue={onBy}
          options={COMPARISONS.map((each) => [each, COMPARED_BY[each]] as const)}
        />
      </div>
      <div className="mt-2">
        <StatTable columns={columns} />
        <p className="mt-1 text-sm text-ink-soft">
          {t('In brackets: 95% confidence. Excluded balls are drawn faint and not counted.')}
          {by === 'halves' &&
            parts.length === 0 &&
            ` ${t('Halves need six balls, and two or more at a station.')}`}
        </p>
      </div>
    </section>
  );
}

function Figure({ words, children }: { words: string; children: ReactNode }) {
  return (
    <figure className="max-w-sm">
      {children}
      <figcaption className="mt-1 text-sm">{words}</figcaption>
    </figure>
  );
}
