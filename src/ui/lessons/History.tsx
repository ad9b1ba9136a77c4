'use client';

import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { historyOf } from '@/core/lesson/history';
import type { RosterPlayer } from '@/core/roster/player';
import type { UnitSystem } from '@/core/units/system';
import type { LessonView, ShownBall } from './types';

const HistoryChart = dynamic(() => import('./HistoryChart').then((module) => module.HistoryChart), {
  ssr: false,
  loading: () => <p className="h-64 pt-4 text-ink-soft">Drawing …</p>,
});

interface HistoryProps {
  player: RosterPlayer;
  lessons: readonly LessonView[];
  balls: readonly (ShownBall & { lesson: string })[];
  units: UnitSystem;
}

/** Out-rate, spread of the mark and distance control over the lessons; nothing until there is one with balls. */
export function History({ player, lessons, balls, units }: HistoryProps) {
  const points = useMemo(() => historyOf(player, lessons, balls), [player, lessons, balls]);
  if (points.length === 0) return null;
  return (
    <section aria-labelledby="history">
      <h2 id="history" className="text-2xl">
        Over the lessons
      </h2>
      <HistoryChart points={points} units={units} />
    </section>
  );
}
