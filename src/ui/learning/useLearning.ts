'use client';

import { useMemo } from 'react';
import type { Learning } from '@/core/lesson/learning/learn';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Moves } from '@/core/tell/lessons/moves';
import type { Station } from '@/core/lesson/plan/lesson';
import { recordOf, type RosterPlayer } from '@/core/lesson/players/player';
import type { UnitSystem } from '@/core/ground/units/system';
import type { PlacedBall } from '@/core/lesson/review/against';
import { useTask } from '../engine/useTask';

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
}

/** What balls say of a player, and then what that would change; each null while it is worked out, with why when it cannot be. */
export function useLearning({ player, balls, stations, units }: Asked) {
  const question = useMemo(
    () => ({ player, balls, stations, units }),
    [player, balls, stations, units],
  );
  const { value, failure } = useTask<Learnt>(question, async ({ engine, signal, show }) => {
    const record = recordOf(player);
    const { learnt } = player;
    const learning = await engine.run('learn', [record, balls], { signal });
    if (!learning) return { learning, moves: null };
    show({ learning, moves: null });
    const next: LearntFactors = { version: (learnt?.version ?? 0) + 1, ...learning.factors };
    const asked = [record, stations, learnt, next, units, learning.draws] as const;
    const moves = await engine.run('moves', [...asked], { signal });
    return { learning, moves };
  });
  return {
    learning: value?.learning ?? null,
    moves: value?.moves ?? null,
    fault: failure?.message ?? null,
  };
}
