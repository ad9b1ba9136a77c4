'use client';

import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { ask, bodyOf } from '../server/client';
import type { ShownBall } from './types';

/** Brings balls that other devices or a tracker log, a look every so many milliseconds while the page is seen. */
export function useOtherBalls(
  lessonId: string,
  balls: readonly ShownBall[],
  everyMs: number,
  onBalls: (balls: readonly ShownBall[]) => void,
): void {
  const last = useRef(0);
  const take = useRef(onBalls);
  useEffect(() => {
    take.current = onBalls;
    last.current = balls.reduce((most, { seq = 0 }) => Math.max(most, seq), last.current);
  });
  const { data } = useQuery({
    queryKey: ['balls after', lessonId],
    queryFn: ({ signal }) =>
      bodyOf(
        ask<readonly ShownBall[]>(
          `/api/lessons/${lessonId}/balls?after=${last.current}`,
          'GET',
          undefined,
          signal,
        ),
      ),
    refetchInterval: everyMs,
    gcTime: 0,
  });
  useEffect(() => {
    if (data && data.length > 0) take.current(data);
  }, [data]);
}
