'use client';

import dynamic from 'next/dynamic';
import { sayDay } from '../kit/day';
import { StatTable } from './StatTable';
import type { HistoryPoint } from '@/core/lesson/review/history';

const HistoryChart = dynamic(() => import('./HistoryChart').then((module) => module.HistoryChart), {
  ssr: false,
  loading: () => <p className="h-64 pt-4 text-ink-soft">Drawing …</p>,
});

interface HistoryProps {
  /** What each lesson came to, from the first to the last. */
  points: readonly HistoryPoint[];
}

/** Out-rate, spread of the mark and distance control over the lessons; nothing until there is one with balls. */
export function History({ points }: HistoryProps) {
  if (points.length === 0) return null;
  return (
    <section aria-labelledby="history">
      <h2 id="history" className="text-2xl">
        Progress
      </h2>
      <HistoryChart points={points} />
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
          Numbers by lesson
        </summary>
        <StatTable columns={points.map(({ day, stats }) => ({ name: sayDay(day), stats }))} />
      </details>
    </section>
  );
}
