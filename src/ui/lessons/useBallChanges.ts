'use client';

import { useCallback, useState } from 'react';
import { toast } from 'sonner';
import type { BallChange } from '@/core/lesson/ball';
import { ask } from '../frame/request';
import type { ShownBall } from './types';

/** Balls with those of the same ids in their places, and new ones behind. */
function merged(now: readonly ShownBall[], balls: readonly ShownBall[]): ShownBall[] {
  const byId = new Map(now.map((ball) => [ball.id, ball]));
  for (const ball of balls) byId.set(ball.id, ball);
  return [...byId.values()];
}

/** The saved balls of a lesson, and editing, excluding, taking away and bringing back. */
export function useBallChanges(first: readonly ShownBall[]) {
  const [saved, setSaved] = useState(first);
  const put = useCallback(
    (balls: readonly ShownBall[]): void => setSaved((now) => merged(now, balls)),
    [],
  );
  /** Changes a saved ball and shows what came of it; gives back what is wrong, or null. */
  const change = async (ball: ShownBall, fields: BallChange): Promise<string | null> => {
    const answered = await ask<ShownBall>(`/api/balls/${ball.id}`, 'PATCH', fields);
    if (!answered.ok) return answered.fault;
    if (!fields.deleted) {
      put([answered.body]);
      return null;
    }
    setSaved((now) => now.filter(({ id }) => id !== ball.id));
    toast('The ball is taken away.', {
      action: { label: 'Undo', onClick: () => void change(ball, { deleted: false }) },
    });
    return null;
  };
  return { saved, put, change };
}
