'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { NewBall } from '@/core/lesson/ball';
import { ask, UNREACHABLE } from '../frame/request';

/** How the sending stands: all saved, on its way, the server away, or something that it refuses. */
export type QueueState = 'saved' | 'sending' | 'offline' | 'refused';

const RETRY_MS = 3000;
const AT_ONCE = 20;

const keyOf = (lessonId: string): string => `mellow-balls-${lessonId}`;

/** Balls of a lesson that this browser has not yet had acknowledged. */
function stored(lessonId: string): NewBall[] {
  try {
    const parsed: unknown = JSON.parse(localStorage.getItem(keyOf(lessonId)) ?? '[]');
    return Array.isArray(parsed) ? (parsed as NewBall[]) : [];
  } catch {
    return [];
  }
}

/**
 * Sends balls in order, each until it is acknowledged; they wait in the browser while the server is away, a reload
 * included, and their ids keep one that is sent twice from being saved twice.
 */
export function useBallQueue(lessonId: string, onSaved: (balls: readonly NewBall[]) => void) {
  const [queue, setQueue] = useState<readonly NewBall[]>([]);
  const [state, setState] = useState<QueueState>('saved');
  const [fault, setFault] = useState<string | null>(null);
  const waiting = useRef<NewBall[]>([]);
  const busy = useRef(false);
  const saved = useRef(onSaved);
  useEffect(() => {
    saved.current = onSaved;
  });

  const keep = useCallback(
    (balls: NewBall[]): void => {
      waiting.current = balls;
      localStorage.setItem(keyOf(lessonId), JSON.stringify(balls));
      setQueue(balls);
    },
    [lessonId],
  );

  const flush = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    while (waiting.current.length > 0) {
      setState('sending');
      const balls = waiting.current.slice(0, AT_ONCE);
      const answered = await ask<{ saved: string[] }>(`/api/lessons/${lessonId}/balls`, 'POST', {
        balls,
      });
      if (!answered.ok) {
        const away = answered.fault === UNREACHABLE || /answered 5\d\d/.test(answered.fault);
        setState(away ? 'offline' : 'refused');
        setFault(away ? null : answered.fault);
        busy.current = false;
        return;
      }
      const done = new Set(answered.body.saved);
      saved.current(balls.filter(({ id }) => done.has(id)));
      keep(waiting.current.filter(({ id }) => !done.has(id)));
    }
    setState('saved');
    setFault(null);
    busy.current = false;
  }, [lessonId, keep]);

  useEffect(() => {
    const left = stored(lessonId);
    const timer = setTimeout(() => {
      keep(left);
      void flush();
    }, 0);
    const again = setInterval(() => void flush(), RETRY_MS);
    const online = (): void => void flush();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(timer);
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [lessonId, keep, flush]);

  const add = useCallback(
    (ball: NewBall): void => {
      keep([...waiting.current, ball]);
      void flush();
    },
    [keep, flush],
  );

  /** Takes a ball out that has not been sent yet, or that the server refuses. */
  const drop = useCallback(
    (id: string): void => keep(waiting.current.filter((ball) => ball.id !== id)),
    [keep],
  );

  return { queue, state, fault, add, drop };
}
