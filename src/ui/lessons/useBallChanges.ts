'use client';

import { t } from '@/core/tell/language/t';
import { useCallback, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { BallChange, TouchedBall } from '@/core/lesson/balls/ball';
import { ask, saidOf } from '../server/client';
import { UNDO_MS } from '../server/said';
import type { ShownBall } from './types';

/** Balls with those of the same ids in their places, and new ones behind. */
function merged(now: readonly ShownBall[], balls: readonly ShownBall[]): ShownBall[] {
  const byId = new Map(now.map((ball) => [ball.id, ball]));
  for (const ball of balls) byId.set(ball.id, ball);
  return [...byId.values()];
}

/** Balls with what a look found: of a known one whatever was touched later, for a look may be older than a change. */
function joined(now: readonly ShownBall[], looked: readonly TouchedBall[]): ShownBall[] {
  const byId = new Map(now.map((ball) => [ball.id, ball]));
  for (const ball of looked) {
    if ((byId.get(ball.id)?.touched ?? -1) >= ball.touched) continue;
    if ('deleted' in ball) byId.delete(ball.id);
    else byId.set(ball.id, ball);
  }
  return [...byId.values()];
}

/** Says that a ball is taken away, and how to have it back. */
export const taken = (bringBack: () => void): void => {
  toast(t('Ball deleted.'), {
    duration: UNDO_MS,
    action: { label: t('Undo'), onClick: bringBack },
  });
};

/** Said where two devices change one ball; what the other made of it stands in the list by then. */
export const changedElsewhere = () =>
  t(
    'Another device changed this ball while you did. Its version is the one in the list now. Save again to put yours in its place.',
  );
export const deletedElsewhere = () => t('Another device deleted this ball while you changed it.');

/** The saved balls of a lesson, and editing, excluding, taking away and bringing back. */
export function useBallChanges(lessonId: string, first: readonly ShownBall[]) {
  const [saved, setSaved] = useState(first);
  /** Taken away here, with when in the server's order, as far as that is known: a look that began before must not bring them back. */
  const away = useRef(new Map<string, number>());
  const put = useCallback((balls: readonly ShownBall[]): void => {
    for (const { id } of balls) away.current.delete(id);
    setSaved((now) => merged(now, balls));
  }, []);
  const remove = useCallback((ids: readonly string[], touched = Infinity): void => {
    for (const id of ids) away.current.set(id, touched);
    setSaved((now) => now.filter(({ id }) => !ids.includes(id)));
  }, []);
  /** Takes in what a look at the server found. */
  const join = useCallback((looked: readonly TouchedBall[]): void => {
    for (const ball of looked) {
      if ('deleted' in ball) away.current.set(ball.id, ball.touched);
    }
    const here = looked.filter(
      (ball) => 'deleted' in ball || (away.current.get(ball.id) ?? -1) < ball.touched,
    );
    setSaved((now) => joined(now, here));
  }, []);
  /**
   * Changes a saved ball and shows what came of it; gives back what is wrong, or null. Where another device has changed it since it
   * was read, that stands here then, beside what was typed.
   */
  const change = async (ball: ShownBall, fields: BallChange): Promise<string | null> => {
    const { id, touched } = ball;
    const url = `/api/balls/${id}${touched === undefined ? '' : `?touched=${touched}`}`;
    const answered = await ask<ShownBall>(url, 'PATCH', fields);
    if (answered.kind === 'refused' && answered.status === 409) {
      const looked = await ask<TouchedBall[]>(
        `/api/lessons/${lessonId}/balls?touched_after=${touched}`,
      );
      if (looked.kind !== 'ok') return saidOf(looked);
      join(looked.body);
      const gone = looked.body.some((each) => each.id === id && 'deleted' in each);
      return gone ? deletedElsewhere() : changedElsewhere();
    }
    if (answered.kind !== 'ok') return saidOf(answered);
    if (!fields.deleted) {
      put([answered.body]);
      return null;
    }
    remove([ball.id], answered.body.touched);
    const { touched: removed } = answered.body;
    taken(() => void change({ ...ball, touched: removed }, { deleted: false }));
    return null;
  };
  return { saved, put, remove, join, change };
}
