'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Learning } from '@/core/learn/learn';
import type { LearntFactors } from '@/core/learn/learnt';
import type { Moves } from '@/core/learn/moves';
import type { Station } from '@/core/lesson/lesson';
import { recordOf, type RosterPlayer } from '@/core/roster/player';
import type { UnitSystem } from '@/core/units/system';
import type { LearnWorker, PlacedBall } from '@/workers/learn.worker';
import { useWorker } from '../frame/useWorker';
import { startLearning } from './startLearning';

/** What is asked; the lists are told apart by identity, for they may be thousands of balls long. */
interface Asked {
  player: RosterPlayer;
  balls: readonly PlacedBall[];
  stations: readonly Station[];
  units: UnitSystem;
}

/** What balls say of a player, and then what that would change; each null while it is worked out. */
export function useLearning({ player, balls, stations, units }: Asked): {
  learning: Learning | null;
  moves: Moves | null;
} {
  const worker = useWorker<LearnWorker>(startLearning);
  const question = useMemo(
    () => ({ player, balls, stations, units }),
    [player, balls, stations, units],
  );
  const [state, setState] = useState<{
    question: Asked;
    learning: Learning | null;
    moves: Moves | null;
  } | null>(null);
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(async () => {
      const record = recordOf(question.player);
      const { learnt } = question.player;
      const learning = (await worker.current?.learn(record, question.balls)) ?? null;
      if (stale) return;
      setState({ question, learning, moves: null });
      if (!learning) return;
      const next: LearntFactors = { version: (learnt?.version ?? 0) + 1, ...learning.factors };
      const moves = await worker.current?.moves(
        record,
        question.stations,
        learnt,
        next,
        question.units,
      );
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
