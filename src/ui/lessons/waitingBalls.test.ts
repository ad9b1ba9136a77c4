import { aBall } from '@/core/testing/balls';
import { changeWaiting, keepWaiting, letGo, waitingBalls } from './waitingBalls';

const LESSON = '11111111-1111-4111-8111-111111111111';

/** A browser's storage: keys are its own properties, as `Object.keys` sees them. */
class Storage {
  getItem(key: string): string | null {
    return (this as unknown as Record<string, string>)[key] ?? null;
  }
  setItem(key: string, value: string): void {
    (this as unknown as Record<string, string>)[key] = value;
  }
  removeItem(key: string): void {
    delete (this as unknown as Record<string, string>)[key];
  }
}

beforeEach(() => {
  Object.defineProperty(globalThis, 'localStorage', { value: new Storage(), configurable: true });
});

const numbers = (lesson = LESSON): (number | undefined)[] =>
  waitingBalls(lesson).map(({ ball }) => ball.entry_m);

test('balls wait in the order in which they were taken, whatever their ids', () => {
  for (const [id, entry_m] of [
    [9, 0.01],
    [2, 0.02],
    [5, 0.03],
  ] as const) {
    keepWaiting(LESSON, aBall(id, { entry_m }));
  }
  expect(numbers()).toEqual([0.01, 0.02, 0.03]);
});

test('a ball that is let go leaves the others, and the next still goes behind them', () => {
  keepWaiting(LESSON, aBall(1, { entry_m: 0.01 }));
  keepWaiting(LESSON, aBall(2, { entry_m: 0.02 }));
  letGo(LESSON, [aBall(1).id]);
  keepWaiting(LESSON, aBall(3, { entry_m: 0.03 }));
  expect(numbers()).toEqual([0.02, 0.03]);
  letGo(
    LESSON,
    waitingBalls(LESSON).map(({ ball }) => ball.id),
  );
  expect(numbers()).toEqual([]);
});

test('lessons do not see each other’s balls', () => {
  const other = LESSON.replace(/1/g, '2');
  keepWaiting(LESSON, aBall(1));
  keepWaiting(other, aBall(2));
  expect(waitingBalls(other)).toHaveLength(1);
  letGo(other, [aBall(1).id]);
  expect(waitingBalls(LESSON)).toHaveLength(1);
});

test('what cannot be read is left alone and does not stop the rest', () => {
  localStorage.setItem(`mellow-ball/${LESSON}/broken`, '{"order":');
  localStorage.setItem(`mellow-ball/${LESSON}/odd`, '{"order":"first"}');
  keepWaiting(LESSON, aBall(1));
  expect(waitingBalls(LESSON)).toHaveLength(1);
  expect(localStorage.getItem(`mellow-ball/${LESSON}/broken`)).not.toBeNull();
});

test('what is changed of a ball that waits follows it, later changes over earlier ones', () => {
  keepWaiting(LESSON, aBall(1, { entry_m: 0.01 }));
  expect(changeWaiting(LESSON, aBall(1).id, { carry_m: 9, strike: 'thin' })).toBe(true);
  expect(changeWaiting(LESSON, aBall(1).id, { excluded: 'stone' })).toBe(true);
  expect(changeWaiting(LESSON, aBall(1).id, { carry_m: 10 })).toBe(true);
  const [waiting] = waitingBalls(LESSON);
  expect(waiting!.ball.entry_m).toBe(0.01);
  expect(waiting!.change).toEqual({ carry_m: 10, excluded: 'stone' });
});

test('a ball that does not wait any more is not changed here', () => {
  keepWaiting(LESSON, aBall(1));
  letGo(LESSON, [aBall(1).id]);
  expect(changeWaiting(LESSON, aBall(1).id, { carry_m: 9 })).toBe(false);
  expect(waitingBalls(LESSON)).toHaveLength(0);
});
