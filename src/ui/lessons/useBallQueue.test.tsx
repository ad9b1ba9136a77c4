import { act, renderHook, waitFor } from '@testing-library/react';
import type { NewBall } from '@/core/lesson/balls/ball';
import { aBall } from '@/core/testing/balls';
import { held, standInServer, type Asked } from '../testing/server';
import type { ShownBall } from './types';
import { useBallQueue } from './useBallQueue';
import { keepWaiting, waitingBalls } from './waitingBalls';

const LESSON = '11111111-1111-4111-8111-111111111111';
const BALLS = /\/lessons\/[^/]+\/balls$/;

const idsIn = ({ body }: Asked): string[] =>
  (body as { balls: NewBall[] }).balls.map(({ id }) => id);
const saving = (asked: Asked) => ({ body: { saved: idsIn(asked) } });

beforeEach(() => localStorage.clear());

/** Errors that the browser is told of, which tests know from one that nobody caught. */
const reported = () => {
  const told = jest.fn();
  window.reportError = told;
  return told;
};

function queueOf() {
  const server = standInServer();
  const saved = new Map<string, ShownBall>();
  const away: string[] = [];
  const hook = renderHook(() =>
    useBallQueue(LESSON, (balls, gone) => {
      for (const ball of balls) saved.set(ball.id, ball);
      away.push(...gone);
    }),
  );
  const add = (ball: NewBall): void => act(() => hook.result.current.add(ball));
  return { server, saved, away, add, hook, queue: () => hook.result.current };
}

test('balls are sent in order, once, and let go when they are acknowledged', async () => {
  const { server, saved, add, queue } = queueOf();
  server.on('POST', BALLS, saving);
  for (const n of [3, 1, 2]) add(aBall(n));
  await waitFor(() => expect(queue().state).toBe('saved'));
  expect(server.to('POST', BALLS).flatMap(idsIn)).toEqual([3, 1, 2].map((n) => aBall(n).id));
  expect([...saved.keys()]).toHaveLength(3);
  expect(waitingBalls(LESSON)).toEqual([]);
});

test('while the server is away balls wait, and go when it is back', async () => {
  const { server, saved, add, queue } = queueOf();
  add(aBall(1));
  add(aBall(2));
  await waitFor(() => expect(queue().state).toBe('offline'));
  expect(queue().queue).toHaveLength(2);
  expect(saved.size).toBe(0);
  server.on('POST', BALLS, saving);
  act(() => void window.dispatchEvent(new Event('online')));
  await waitFor(() => expect(queue().state).toBe('saved'));
  expect([...saved.keys()]).toEqual([aBall(1).id, aBall(2).id]);
});

test('what an earlier page left waiting is sent', async () => {
  keepWaiting(LESSON, aBall(7));
  const { server, saved, queue } = queueOf();
  server.on('POST', BALLS, saving);
  await waitFor(() => expect(saved.has(aBall(7).id)).toBe(true));
  expect(queue().queue).toHaveLength(0);
});

test('a change of a ball on its way follows it; the ball as changed is what is shown', async () => {
  const { server, saved, add, queue } = queueOf();
  const answer = held<{ body: unknown }>();
  server.on('POST', BALLS, () => answer.promise);
  server.on('PATCH', /\/balls\//, ({ body }) => ({ body: { ...aBall(1), ...(body as object) } }));
  add(aBall(1));
  act(() => void expect(queue().change(aBall(1).id, { carry_m: 9 })).toBe(true));
  expect(server.to('PATCH', /./)).toHaveLength(0);
  await act(async () => answer.settle({ body: { saved: [aBall(1).id] } }));
  await waitFor(() => expect(queue().state).toBe('saved'));
  expect(server.to('PATCH', /./).map(({ body }) => body)).toEqual([{ carry_m: 9 }]);
  expect(saved.get(aBall(1).id)).toMatchObject({ carry_m: 9 });
});

test('a change made while an earlier one is on its way goes too', async () => {
  const { server, saved, add, queue } = queueOf();
  const first = held<{ body: unknown }>();
  const answers = [first.promise];
  server.on('POST', BALLS, saving);
  server.on('PATCH', /\/balls\//, ({ body }) => {
    return answers.shift() ?? { body: { ...aBall(1), ...(body as object) } };
  });
  keepWaiting(LESSON, aBall(2));
  add(aBall(1));
  act(() => void queue().change(aBall(1).id, { carry_m: 9 }));
  await waitFor(() => expect(server.to('PATCH', /./)).toHaveLength(1));
  act(() => void queue().change(aBall(1).id, { carry_m: 10 }));
  await act(async () => first.settle({ body: { ...aBall(1), carry_m: 9 } }));
  await waitFor(() => expect(saved.get(aBall(1).id)).toMatchObject({ carry_m: 10 }));
  expect(server.to('PATCH', /./)).toHaveLength(2);
  expect(waitingBalls(LESSON)).toEqual([]);
});

test('a ball that is taken away on its way is away on the server too', async () => {
  const { server, saved, away, add, queue } = queueOf();
  const answer = held<{ body: unknown }>();
  server.on('POST', BALLS, () => answer.promise);
  server.on('PATCH', /\/balls\//, () => ({ body: aBall(1) }));
  add(aBall(1));
  act(() => void queue().change(aBall(1).id, { deleted: true }));
  await act(async () => answer.settle({ body: { saved: [aBall(1).id] } }));
  await waitFor(() => expect(away).toEqual([aBall(1).id]));
  expect(server.to('PATCH', /./).map(({ body }) => body)).toEqual([{ deleted: true }]);
  expect(saved.size).toBe(0);
});

test('a change is kept when the server goes away between a ball and its change', async () => {
  const { server, saved, add, queue } = queueOf();
  const answer = held<{ body: unknown }>();
  server.on('POST', BALLS, () => answer.promise);
  add(aBall(1));
  act(() => void queue().change(aBall(1).id, { carry_m: 9 }));
  await act(async () => answer.settle({ body: { saved: [aBall(1).id] } }));
  await waitFor(() => expect(queue().state).toBe('offline'));
  expect(waitingBalls(LESSON)[0]?.change).toEqual({ carry_m: 9 });
  server.on('POST', BALLS, saving);
  server.on('PATCH', /\/balls\//, ({ body }) => ({ body: { ...aBall(1), ...(body as object) } }));
  act(() => void window.dispatchEvent(new Event('online')));
  await waitFor(() => expect(saved.get(aBall(1).id)).toMatchObject({ carry_m: 9 }));
});

test('an answer that acknowledges nothing, as of a network that asks for a sign-in of its own, lets no ball go', async () => {
  const { server, saved, add, queue } = queueOf();
  for (const body of [null, {}, { saved: [] }]) {
    server.on('POST', BALLS, () => ({ body }));
    if (queue().queue.length === 0) add(aBall(1));
    else act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(queue().state).toBe('offline'));
    expect(waitingBalls(LESSON)).toHaveLength(1);
  }
  server.on('POST', BALLS, saving);
  act(() => void window.dispatchEvent(new Event('online')));
  await waitFor(() => expect(saved.has(aBall(1).id)).toBe(true));
});

test('a page that fails over a saved ball keeps none of the next ones back', async () => {
  const server = standInServer();
  server.on('POST', BALLS, saving);
  const said = reported();
  const hook = renderHook(() =>
    useBallQueue(LESSON, () => {
      throw new Error('the page');
    }),
  );
  for (const n of [1, 2]) {
    act(() => hook.result.current.add(aBall(n)));
    await waitFor(() => expect(waitingBalls(LESSON)).toEqual([]));
  }
  expect(server.to('POST', BALLS).flatMap(idsIn)).toEqual([1, 2].map((n) => aBall(n).id));
  expect(hook.result.current.state).toBe('saved');
  expect(said).toHaveBeenCalled();
});

test('a storage that fails once keeps nothing back for ever', async () => {
  const { server, saved, add } = queueOf();
  server.on('POST', BALLS, saving);
  const said = reported();
  const refused = jest.spyOn(Storage.prototype, 'removeItem').mockImplementationOnce(() => {
    throw new DOMException('not now', 'SecurityError');
  });
  add(aBall(1));
  await waitFor(() => expect(refused).toHaveBeenCalled());
  add(aBall(2));
  await waitFor(() => expect(saved.size).toBe(2));
  expect(waitingBalls(LESSON)).toEqual([]);
  refused.mockRestore();
  expect(said).toHaveBeenCalled();
});

test('a refused ball is found among many and named; the others go on, and it can be dropped', async () => {
  const { server, saved, add, queue } = queueOf();
  const bad = aBall(2).id;
  server.on('POST', BALLS, (asked) =>
    idsIn(asked).includes(bad)
      ? {
          status: 400,
          body: { error: [{ path: 'balls[0].station', message: 'must be under 1, not 9' }] },
        }
      : saving(asked),
  );
  for (const n of [1, 2, 3]) keepWaiting(LESSON, aBall(n));
  add(aBall(4));
  await waitFor(() => expect(queue().state).toBe('refused'));
  expect(queue().fault).toBe('balls[0].station: must be under 1, not 9');
  expect(queue().refused).toBe(bad);
  // The others did not wait for it.
  expect([...saved.keys()].sort()).toEqual([1, 3, 4].map((n) => aBall(n).id));
  expect(queue().queue.map(({ ball }) => ball.id)).toEqual([bad]);
  act(() => queue().drop(bad));
  await waitFor(() => expect(queue().state).toBe('saved'));
  expect(queue().fault).toBeNull();
});

test('a browser without room says so, and the ball is sent all the same', async () => {
  const { server, saved, add, queue } = queueOf();
  const answer = held<ReturnType<typeof saving>>();
  server.on('POST', BALLS, () => answer.promise);
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  add(aBall(1));
  await waitFor(() => expect(queue().kept).toBe(false));
  expect(queue().queue.map(({ ball }) => ball.id)).toEqual([aBall(1).id]);
  await act(async () => answer.settle({ body: { saved: [aBall(1).id] } }));
  await waitFor(() => expect(queue().state).toBe('saved'));
  expect(queue().kept).toBe(true);
  expect(saved.has(aBall(1).id)).toBe(true);
  full.mockRestore();
});
