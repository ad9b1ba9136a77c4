'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { NewBall } from '@/core/lesson/ball';
import { ask, UNREACHABLE } from '../frame/request';
import { keepWaiting, letGo, waitingBalls } from './waitingBalls';

/** How the sending stands: all saved, on its way, the server away, or something that it refuses. */
export type QueueState = 'saved' | 'sending' | 'offline' | 'refused';

const RETRY_MS = 3000;
const AT_ONCE = 20;

/**
 * Sends balls in order until each is acknowledged; they wait in the browser while the server is away, a reload included, and
 * their ids keep one that is sent twice from being saved twice. Where the server refuses some of a batch they go singly, so
 * that the first of the queue is the one that is at fault.
 */
export function useBallQueue(lessonId: string, onSaved: (balls: readonly NewBall[]) => void) {
  const [queue, setQueue] = useState<readonly NewBall[]>([]);
  const [state, setState] = useState<QueueState>('saved');
  const [fault, setFault] = useState<string | null>(null);
  const busy = useRef(false);
  const saved = useRef(onSaved);
  useEffect(() => {
    saved.current = onSaved;
  });

  const show = useCallback((): NewBall[] => {
    const waiting = waitingBalls(lessonId);
    setQueue(waiting);
    return waiting;
  }, [lessonId]);

  const flush = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    let atOnce = AT_ONCE;
    for (let waiting = show(); waiting.length > 0; waiting = show()) {
      setState((now) => (now === 'refused' ? now : 'sending'));
      const balls = waiting.slice(0, atOnce);
      const answered = await ask<{ saved: string[] }>(`/api/lessons/${lessonId}/balls`, 'POST', {
        balls,
      });
      if (answered.ok) {
        saved.current(balls);
        letGo(lessonId, answered.body.saved);
        continue;
      }
      const away = answered.fault === UNREACHABLE || /answered 5\d\d/.test(answered.fault);
      if (!away && balls.length > 1) {
        atOnce = 1;
        continue;
      }
      setState(away ? 'offline' : 'refused');
      setFault(away ? null : answered.fault);
      busy.current = false;
      return;
    }
    setState('saved');
    setFault(null);
    busy.current = false;
  }, [lessonId, show]);

  useEffect(() => {
    const timer = setTimeout(() => void flush(), 0);
    const again = setInterval(() => void flush(), RETRY_MS);
    const online = (): void => void flush();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(timer);
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [flush]);

  const add = useCallback(
    (ball: NewBall): void => {
      keepWaiting(lessonId, ball);
      show();
      void flush();
    },
    [lessonId, show, flush],
  );

  /** Takes a ball out that has not been sent yet, or that the server refuses. */
  const drop = useCallback(
    (id: string): void => {
      letGo(lessonId, [id]);
      show();
      void flush();
    },
    [lessonId, show, flush],
  );

  return { queue, state, fault, add, drop };
}
