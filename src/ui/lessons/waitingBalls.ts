import type { BallChange, NewBall } from '@/core/lesson/balls/ball';
import { changesTogether } from '@/core/lesson/balls/changed';

/* Balls that wait in the browser, each under a key of its own: two pages of one lesson do not write over each other. */

const prefixOf = (lessonId: string): string => `mellow-ball/${lessonId}/`;

/** A ball that the server has not acknowledged, and what was changed of it meanwhile. */
export interface WaitingBall {
  /** Order in which this browser took it. */
  order: number;
  ball: NewBall;
  /** Sent once the ball itself is saved: it may be on its way already. */
  change?: BallChange;
  /** True of a ball that the browser had no room to keep: it is in this page alone. */
  inHand?: boolean;
}

/** What the browser keeps; null where it keeps nothing. */
function storage(): Storage | null {
  try {
    return localStorage;
  } catch {
    return null;
  }
}

/** Balls that the browser would not keep, by their keys. */
const inHand = new Map<string, WaitingBall>();

/** Keeps a ball in the browser; in hand where its storage is full or refused. */
function store(key: string, waiting: WaitingBall): void {
  try {
    storage()!.setItem(key, JSON.stringify(waiting));
    inHand.delete(key);
  } catch {
    inHand.set(key, { ...waiting, inHand: true });
  }
}

function read(key: string): WaitingBall | null {
  const held = inHand.get(key);
  if (held) return held;
  try {
    const parsed = JSON.parse(storage()?.getItem(key) ?? 'null') as WaitingBall | null;
    return typeof parsed?.order === 'number' && typeof parsed.ball?.id === 'string' ? parsed : null;
  } catch {
    return null;
  }
}

/** The balls of a lesson that wait, in the order in which they were taken; what cannot be read is left alone. */
export function waitingBalls(lessonId: string): WaitingBall[] {
  const prefix = prefixOf(lessonId);
  return [...new Set([...Object.keys(storage() ?? {}), ...inHand.keys()])]
    .filter((key) => key.startsWith(prefix))
    .flatMap((key) => read(key) ?? [])
    .sort((a, b) => a.order - b.order);
}

/** A ball that waits; null when it does not, or no longer. */
export const waitingBall = (lessonId: string, id: string): WaitingBall | null =>
  read(`${prefixOf(lessonId)}${id}`);

/** Keeps a ball behind those that wait already. */
export function keepWaiting(lessonId: string, ball: NewBall): void {
  const last = waitingBalls(lessonId).at(-1)?.order ?? 0;
  const waiting: WaitingBall = { order: last + 1, ball };
  store(`${prefixOf(lessonId)}${ball.id}`, waiting);
}

/** Keeps a change of a ball that waits; false when it does not wait any more, and the change is the server's to make. */
export function changeWaiting(lessonId: string, id: string, change: BallChange): boolean {
  const waiting = waitingBall(lessonId, id);
  if (!waiting) return false;
  const next: WaitingBall = { ...waiting, change: changesTogether(waiting.change ?? {}, change) };
  store(`${prefixOf(lessonId)}${id}`, next);
  return true;
}

/** Lets balls go that are saved, or that are not wanted. */
export function letGo(lessonId: string, ids: Iterable<string>): void {
  for (const id of ids) {
    const key = `${prefixOf(lessonId)}${id}`;
    inHand.delete(key);
    storage()?.removeItem(key);
  }
}
