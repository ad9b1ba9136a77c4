'use client';

import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { TouchedBall } from '@/core/lesson/balls/ball';
import { ask, bodyOf } from '../server/client';
import type { ShownBall } from './types';

/** How often is looked while the server brings what is new by itself, ms. */
const SELDOM_MS = 60_000;

/** A line from the server; null in a browser that has none, or lets none be opened. */
function lineTo(url: string): EventSource | null {
  try {
    return new EventSource(url);
  } catch {
    return null;
  }
}

/**
 * Brings what other devices or a tracker log, change and take away: by a line from the server, and by a look every so many milliseconds
 * where no line is open.
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
  /** What the page came with is known; from then on what was brought. */
  const last = useRef(Math.max(0, ...balls.map(({ touched = 0 }) => touched)));
  const take = useRef(onBalls);
  useEffect(() => {
    take.current = onBalls;
  });
  const bring = useCallback((brought: readonly TouchedBall[]) => {
    if (brought.length === 0) return;
    last.current = Math.max(last.current, ...brought.map(({ touched }) => touched));
    take.current(brought);
  }, []);
  /** Whether the server would bring what is touched: a line that was lost is taken up by the browser itself. */
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const line = lineTo(`/api/lessons/${lessonId}/events?touched_after=${last.current}`);
    if (!line) return;
    line.onopen = () => setOpen(true);
    line.onerror = () => setOpen(false);
    line.onmessage = ({ data }: MessageEvent<string>) =>
      bring(JSON.parse(data) as readonly TouchedBall[]);
    return () => line.close();
  }, [lessonId, bring]);
  const { data } = useQuery({
    queryKey: ['balls touched', lessonId],
    queryFn: ({ signal }) =>
      bodyOf(
        ask<readonly TouchedBall[]>(
          `/api/lessons/${lessonId}/balls?touched_after=${last.current}`,
          'GET',
          undefined,
          signal,
        ),
      ),
    refetchInterval: open ? SELDOM_MS : everyMs,
    gcTime: 0,
  });
  useEffect(() => bring(data ?? []), [data, bring]);
}
