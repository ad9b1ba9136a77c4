'use client';

import { useCallback, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { BallChange } from '@/core/lesson/balls/ball';
import { ask, saidOf } from '../server/client';
import type { ShownBall } from './types';

/** Balls with those of the same ids in their places, and new ones behind. */
function merged(now: readonly ShownBall[], balls: readonly ShownBall[]): ShownBall[] {
  const byId = new Map(now.map((ball) => [ball.id, ball]));
  for (const ball of balls) byId.set(ball.id, ball);
  return [...byId.values()];
}

/** Balls with those that were not known behind them; of a known one only its order is news, for a look may be older than a change. */
function joined(now: readonly ShownBall[], looked: readonly ShownBall[]): ShownBall[] {
  const byId = new Map(now.map((ball) => [ball.id, ball]));
  for (const ball of looked) byId.set(ball.id, { ...ball, ...byId.get(ball.id), seq: ball.seq! });
  return [...byId.values()];
}

/** Says that a ball is taken away, and how to have it back. */
export const taken = (bringBack: () => void): void => {
  toast('The ball is taken away.', { action: { label: 'Undo', onClick: bringBack } });
};

/** The saved balls of a lesson, and editing, excluding, taking away and bringing back. */
export function useBallChanges(first: readonly ShownBall[]) {
  const [saved, setSaved] = useState(first);
  /** Taken away here: a look that began before must not bring them back. */
  const away = useRef(new Set<string>());
  const put = useCallback((balls: readonly ShownBall[]): void => {
    for (const { id } of balls) away.current.delete(id);
    setSaved((now) => merged(now, balls));
  }, []);
  const remove = useCallback((ids: readonly string[]): void => {
    for (const id of ids) away.current.add(id);
    setSaved((now) => now.filter(({ id }) => !ids.includes(id)));
  }, []);
  /** Takes in what a look at the server found. */
  const join = useCallback((looked: readonly ShownBall[]): void => {
    const here = looked.filter(({ id }) => !away.current.has(id));
    setSaved((now) => joined(now, here));
  }, []);
  /** Changes a saved ball and shows what came of it; gives back what is wrong, or null. */
  const change = async (ball: ShownBall, fields: BallChange): Promise<string | null> => {
    const answered = await ask<ShownBall>(`/api/balls/${ball.id}`, 'PATCH', fields);
    if (answered.kind !== 'ok') return saidOf(answered);
    if (!fields.deleted) {
      put([answered.body]);
      return null;
    }
    remove([ball.id]);
    taken(() => void change(ball, { deleted: false }));
    return null;
  };
  return { saved, put, remove, join, change };
}
