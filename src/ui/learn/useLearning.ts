'use client';

import { useEffect, useState } from 'react';
import type { Learning } from '@/core/learn/learn';
import type { LearntFactors } from '@/core/learn/learnt';
import type { Moves } from '@/core/learn/moves';
import type { Station } from '@/core/lesson/lesson';
import type { PlayerRecord } from '@/core/roster/record';
import type { UnitSystem } from '@/core/units/system';
import type { LearnWorker, PlacedBall } from '@/workers/learn.worker';
import { useWorker } from '../frame/useWorker';
import { startLearning } from './startLearning';

interface Asked {
  record: PlayerRecord;
  balls: readonly PlacedBall[];
  stations: readonly Station[];
  /** What calls use now. */
  learnt?: LearntFactors;
  units: UnitSystem;
}

/** What balls say of a player, and then what that would change; each null while it is worked out. */
export function useLearning(asked: Asked): { learning: Learning | null; moves: Moves | null } {
  const worker = useWorker<LearnWorker>(startLearning);
  const [state, setState] = useState<{
    question: string;
    learning: Learning | null;
    moves: Moves | null;
  } | null>(null);
  const question = JSON.stringify(asked);
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(async () => {
      const { record, balls, stations, learnt, units } = JSON.parse(question) as Asked;
      const learning = (await worker.current?.learn(record, [...balls])) ?? null;
      if (stale) return;
      setState({ question, learning, moves: null });
      if (!learning) return;
      const next = { version: (learnt?.version ?? 0) + 1, ...learning.factors };
      const moves = await worker.current?.moves(record, stations, learnt, next, units);
      if (!stale && moves) setState({ question, learning, moves });
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question, worker]);
  return state?.question === question
    ? { learning: state.learning, moves: state.moves }
    : { learning: null, moves: null };
}
