'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { fromMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import type { HistoryPoint } from '@/core/lesson/review/history';
import { progressOf, type Followed } from '@/core/lesson/review/progress';
import { counted } from '@/core/tell/words/counted';
import { sayDay } from '../kit/day';
import { useUnits } from '../kit/units';
import { LazyIntervalChart } from '../plots/LazyIntervalChart';
import { StatTable } from './StatTable';

interface HistoryProps {
  /** What each lesson came to, from the first to the last. */
  points: readonly HistoryPoint[];
}

/** Lessons whose numbers stand side by side at first, the latest. */
const LATEST = 6;

const percent = (share: number): number => share * 100;

/** How each measure is drawn: its title and scale, and what a value is drawn as. */
function drawnAs(name: Followed['name'], units: UnitSystem) {
  const short = unitFor('short', units);
  return {
    out: {
      title: t('Out of the bunker'),
      unit: '%',
      drawn: percent,
      scale: { from: 0, least: 100, most: 100 },
    },
    carry: {
      title: t('Carry compared with plan'),
      unit: '%',
      drawn: percent,
      scale: { from: 0, least: 120 },
      planned: 100,
    },
    entry: {
      title: t('Spread of the entry point'),
      unit: ` ${short}`,
      drawn: (metres: number) => fromMetres(metres, short),
      scale: { from: 0, least: units === 'metres' ? 4 : 1.5 },
    },
  }[name];
}

/** Out-rate, distance control and spread of the entry point over the lessons; nothing until there is one with balls. */
export function History({ points }: HistoryProps) {
  const units = useUnits();
  const [all, setAll] = useState(false);
  if (points.length === 0) return null;
  const latest = points.toReversed();
  const shown = all ? latest : latest.slice(0, LATEST);
  const days = [points[0]!.day, points.at(-1)!.day] as const;
  return (
    <section aria-labelledby="history">
      <h2 id="history" className="text-2xl">
        {t('Progress')}
      </h2>
      <div className="mt-2 grid grid-cols-3 gap-6 max-lg:grid-cols-1">
        {progressOf(points).map(({ name, points: measured }) => {
          const { drawn, ...chart } = drawnAs(name, units);
          return (
            <LazyIntervalChart
              key={name}
              {...chart}
              days={days}
              points={measured.map(({ day, value, low, high, of }) => ({
                day,
                value: drawn(value),
                low: drawn(low),
                high: drawn(high),
                rests: counted(of, 'ball'),
              }))}
            />
          );
        })}
      </div>
      <p className="mt-1 text-sm text-ink-soft">
        {t(
          'Vertical lines: 95% confidence. Where two of them overlap a lot, the change may be chance.',
        )}
      </p>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
          {t('Numbers by lesson')}
        </summary>
        <StatTable columns={shown.map(({ day, stats }) => ({ name: sayDay(day), stats }))} />
        {shown.length < points.length && (
          <button type="button" onClick={() => setAll(true)} className="button no-print mt-2">
            {t('Show all {lessons}', { lessons: counted(points.length, 'lesson') })}
          </button>
        )}
      </details>
    </section>
  );
}
