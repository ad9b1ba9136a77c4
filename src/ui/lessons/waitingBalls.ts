import type { NewBall } from '@/core/lesson/ball';

/* Balls that wait in the browser, each under a key of its own: two pages of one lesson do not write over each other. */

const prefixOf = (lessonId: string): string => `mellow-ball/${lessonId}/`;

interface Waiting {
  /** Order in which this browser took it. */
  order: number;
  ball: NewBall;
}

function read(key: string): Waiting | null {
  try {
    const parsed = JSON.parse(localStorage.getItem(key) ?? 'null') as Waiting | null;
    return typeof parsed?.order === 'number' && typeof parsed.ball?.id === 'string' ? parsed : null;
  } catch {
    return null;
  }
}

/** The balls of a lesson that wait, in the order in which they were taken; what cannot be read is left alone. */
export function waitingBalls(lessonId: string): NewBall[] {
  const prefix = prefixOf(lessonId);
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix))
    .flatMap((key) => read(key) ?? [])
    .sort((a, b) => a.order - b.order)
    .map(({ ball }) => ball);
}

/** Keeps a ball behind those that wait already. */
export function keepWaiting(lessonId: string, ball: NewBall): void {
  const prefix = prefixOf(lessonId);
  const last = Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix))
    .reduce((most, key) => Math.max(most, read(key)?.order ?? 0), 0);
  localStorage.setItem(`${prefix}${ball.id}`, JSON.stringify({ order: last + 1, ball }));
}

/** Lets balls go that are saved, or that are not wanted. */
export function letGo(lessonId: string, ids: Iterable<string>): void {
  for (const id of ids) localStorage.removeItem(`${prefixOf(lessonId)}${id}`);
}
