'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Learning } from '@/core/lesson/learning/learn';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Moves } from '@/core/lesson/learning/moves';
import type { Station } from '@/core/lesson/plan/lesson';
import { recordOf, type RosterPlayer } from '@/core/lesson/players/player';
import type { UnitSystem } from '@/core/ground/units/system';
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

interface Learnt {
  learning: Learning | null;
  moves: Moves | null;
  /** What went wrong with working it out; null as a rule. */
  fault: string | null;
}

const NOTHING: Learnt = { learning: null, moves: null, fault: null };

/** What balls say of a player, and then what that would change; each null while it is worked out. */
export function useLearning({ player, balls, stations, units }: Asked): Learnt {
  const [dead, setDead] = useState(false);
  const worker = useWorker<LearnWorker>(startLearning, () => setDead(true));
  const question = useMemo(
    () => ({ player, balls, stations, units }),
    [player, balls, stations, units],
  );
  const [state, setState] = useState<Learnt & { question: Asked | null }>({
    question: null,
    ...NOTHING,
  });
  useEffect(() => {
    let stale = false;
    const show = (found: Partial<Learnt>): void => {
      if (!stale) setState({ question, ...NOTHING, ...found });
    };
    const timer = setTimeout(async () => {
      const thread = worker.current;
      if (!thread) return;
      const record = recordOf(question.player);
      const { learnt } = question.player;
      try {
        const learning = await thread.learn(record, question.balls);
        show({ learning });
        if (stale || !learning) return;
        const next: LearntFactors = { version: (learnt?.version ?? 0) + 1, ...learning.factors };
        const moves = await thread.moves(record, question.stations, learnt, next, question.units);
        show({ learning, moves });
      } catch (error) {
        show({ fault: error instanceof Error ? error.message : String(error) });
      }
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question, worker]);
  if (dead)
    return { ...NOTHING, fault: 'its thread could not start. Reload the page to try again.' };
  return state.question === question ? state : NOTHING;
}
