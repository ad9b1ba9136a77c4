'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { excludedAtFirst, type BallChange, type NewBall } from '@/core/lesson/balls/ball';
import { ask, mayComeBack, saidOf, type Replied } from '../server/client';
import type { ShownBall } from './types';
import {
  changeWaiting,
  keepWaiting,
  letGo,
  waitingBall,
  waitingBalls,
  type WaitingBall,
} from './waitingBalls';

/** How the sending stands: all saved, on its way, the server away, or something that it refuses. */
export type QueueState = 'saved' | 'sending' | 'offline' | 'refused';

const RETRY_MS = 3000;
const AT_ONCE = 20;

/** A ball as the server saves it. */
function asSaved(ball: NewBall): ShownBall {
  const excluded = excludedAtFirst(ball.source);
  return excluded ? { ...ball, excluded } : ball;
}

/**
 * Sends a ball's change until nothing was changed meanwhile, and gives back the ball as it is saved, null where it was taken
 * away; a fault otherwise.
 */
async function sendChange(
  lessonId: string,
  { ball }: WaitingBall,
): Promise<Replied<ShownBall | null>> {
  let shown: ShownBall | null = asSaved(ball);
  for (let sent = ''; ;) {
    const change = waitingBall(lessonId, ball.id)?.change;
    const now = JSON.stringify(change ?? null);
    if (!change || now === sent) return { kind: 'ok', body: shown };
    const answered = await ask<ShownBall>(`/api/balls/${ball.id}`, 'PATCH', change);
    if (answered.kind !== 'ok') return answered;
    shown = change.deleted ? null : answered.body;
    sent = now;
  }
}

/** Saves balls with what was changed of them, and lets them go; gives back those that are there now and those taken away. */
async function save(
  lessonId: string,
  batch: readonly WaitingBall[],
): Promise<Replied<{ balls: ShownBall[]; away: string[] }>> {
  const answered = await ask<{ saved?: readonly string[] } | null>(
    `/api/lessons/${lessonId}/balls`,
    'POST',
    { balls: batch.map(({ ball }) => ball) },
  );
  if (answered.kind !== 'ok') return answered;
  // Whatever answers in the server's place acknowledges nothing.
  const acknowledged = answered.body?.saved ?? [];
  if (!batch.every(({ ball }) => acknowledged.includes(ball.id))) return { kind: 'away' };
  const balls: ShownBall[] = [];
  const away: string[] = [];
  for (const waiting of batch) {
    const changed = await sendChange(lessonId, waiting);
    if (changed.kind !== 'ok') return changed;
    letGo(lessonId, [waiting.ball.id]);
    if (changed.body) balls.push(changed.body);
    else away.push(waiting.ball.id);
  }
  return { kind: 'ok', body: { balls, away } };
}

/**
 * Sends balls in order until each is acknowledged; they wait in the browser while the server is away, a reload included, and
 * their ids keep one that is sent twice from being saved twice. What is changed of a ball meanwhile follows it. Where the
 * server refuses some of a batch they go singly: what is refused stays, and the others go on.
 */
export function useBallQueue(
  lessonId: string,
  onSaved: (balls: readonly ShownBall[], away: readonly string[]) => void,
) {
  const [queue, setQueue] = useState<readonly WaitingBall[]>([]);
  const [state, setState] = useState<QueueState>('saved');
  const [fault, setFault] = useState<{ id: string; text: string } | null>(null);
  const busy = useRef(false);
  const saved = useRef(onSaved);
  useEffect(() => {
    saved.current = onSaved;
  });

  const show = useCallback((): WaitingBall[] => {
    const waiting = waitingBalls(lessonId);
    setQueue(waiting);
    return waiting;
  }, [lessonId]);

  const sendAll = useCallback(async (): Promise<void> => {
    let atOnce = AT_ONCE;
    const refused = new Map<string, string>();
    const open = (): WaitingBall[] => show().filter(({ ball }) => !refused.has(ball.id));
    for (let waiting = open(); waiting.length > 0; waiting = open()) {
      setState((now) => (now === 'refused' ? now : 'sending'));
      const batch = waiting.slice(0, atOnce);
      const answered = await save(lessonId, batch);
      if (answered.kind === 'ok') {
        try {
          saved.current(answered.body.balls, answered.body.away);
        } catch (error) {
          // The balls are saved, whatever the page makes of it: those behind them go on.
          reportError(error);
        }
        continue;
      }
      const away = mayComeBack(answered);
      if (!away && batch.length > 1) {
        atOnce = 1;
        continue;
      }
      if (!away) {
        refused.set(batch[0]!.ball.id, saidOf(answered));
        atOnce = AT_ONCE;
        continue;
      }
      setState('offline');
      setFault(null);
      return;
    }
    const [first] = refused;
    setState(first ? 'refused' : 'saved');
    setFault(first ? { id: first[0], text: first[1] } : null);
  }, [lessonId, show]);

  const flush = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    try {
      await sendAll();
    } catch (error) {
      reportError(error);
      // Tried again in a moment.
      setState('offline');
    } finally {
      busy.current = false;
    }
  }, [sendAll]);

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

  /** Changes a ball that waits; false when it is saved already. */
  const change = useCallback(
    (id: string, fields: BallChange): boolean => {
      if (!changeWaiting(lessonId, id, fields)) return false;
      show();
      void flush();
      return true;
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

  /** The first ball that the server refuses. */
  const refused = fault?.id;
  /** False once this browser could not keep a ball: it is lost with the page. */
  const kept = queue.every(({ inHand }) => !inHand);
  return { queue, state, fault: fault?.text ?? null, refused, kept, add, change, drop };
}
