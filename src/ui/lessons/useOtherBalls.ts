'use client';

import { useEffect, useRef } from 'react';
import { ask } from '../server/client';
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
  useEffect(() => {
    let busy = false;
    const look = async (): Promise<void> => {
      if (busy || document.hidden) return;
      busy = true;
      const answered = await ask<ShownBall[]>(
        `/api/lessons/${lessonId}/balls?after=${last.current}`,
      );
      busy = false;
      if (answered.kind === 'ok' && answered.body.length > 0) take.current(answered.body);
    };
    const timer = setInterval(() => void look(), everyMs);
    return () => clearInterval(timer);
  }, [lessonId, everyMs]);
}
