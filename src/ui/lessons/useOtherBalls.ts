'use client';

import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { TouchedBall } from '@/core/lesson/balls/ball';
import { ask, bodyOf } from '../server/client';
import type { ShownBall } from './types';

/**
 * Brings what other devices or a tracker log, change and take away, a look every so many milliseconds while the page is seen.
 *
 * @param balls those that are known
 */
export function useOtherBalls(
  lessonId: string,
  balls: readonly ShownBall[],
  everyMs: number,
  onBalls: (balls: readonly TouchedBall[]) => void,
): void {
  const last = useRef(0);
  const take = useRef(onBalls);
  useEffect(() => {
    take.current = onBalls;
  });
  const { data } = useQuery({
    queryKey: ['balls touched', lessonId],
    queryFn: ({ signal }) => {
      // What the page came with is known; from then on what a look has brought.
      if (last.current === 0)
        last.current = Math.max(0, ...balls.map(({ touched = 0 }) => touched));
      return bodyOf(
        ask<readonly TouchedBall[]>(
          `/api/lessons/${lessonId}/balls?touched_after=${last.current}`,
          'GET',
          undefined,
          signal,
        ),
      );
    },
    refetchInterval: everyMs,
    gcTime: 0,
  });
  useEffect(() => {
    if (!data || data.length === 0) return;
    last.current = Math.max(last.current, ...data.map(({ touched }) => touched));
    take.current(data);
  }, [data]);
}
