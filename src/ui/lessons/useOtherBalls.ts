'use client';

import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { TouchedBall } from '@/core/lesson/balls/ball';
import { ask, bodyOf } from '../server/client';
import type { ShownBall } from './types';

/** How often is looked while the server says itself when there is something, ms. */
const SELDOM_MS = 60_000;

/**
 * Brings what other devices or a tracker log, change and take away: as soon as the server says so, and by a look every so many milliseconds
 * where its word does not come.
 *
 * @param balls those that are known
 * @param everyMs while no line to the server is open
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
  /** Whether the server would say that balls were touched: a line that was lost is taken up by the browser itself. */
  const [open, setOpen] = useState(false);
  const { data, refetch } = useQuery({
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
    refetchInterval: open ? SELDOM_MS : everyMs,
    gcTime: 0,
  });
  useEffect(() => {
    if (!('EventSource' in window)) return;
    const line = new EventSource(`/api/lessons/${lessonId}/events`);
    line.onopen = () => setOpen(true);
    line.onerror = () => setOpen(false);
    line.onmessage = () => void refetch();
    return () => line.close();
  }, [lessonId, refetch]);
  useEffect(() => {
    if (!data || data.length === 0) return;
    last.current = Math.max(last.current, ...data.map(({ touched }) => touched));
    take.current(data);
  }, [data]);
}
