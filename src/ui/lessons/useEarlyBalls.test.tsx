import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { NewBall } from '@/core/lesson/balls/ball';
import { A_CALL } from '@/core/testing/balls';
import { aPlan } from '@/core/testing/plans';
import { aRosterPlayer } from '@/core/testing/records';
import { standInEngine, WithEngine } from '../testing/engine';
import { useEarlyBalls, type EarlyBall } from './useEarlyBalls';

const LESSON = '11111111-1111-4111-8111-111111111111';
const PLAYERS = [aRosterPlayer({ id: 'ada' }), aRosterPlayer({ id: 'bo', handed: 'left' })];
const { stations } = aPlan();
const A_BALL = { player: 'ada', station: 0, fields: { carry_m: 9 }, asCalled: false };

beforeEach(() => sessionStorage.clear());

/** The page with its own engine; `answers` at once where it is not null. */
function opened(answers: 'call' | 'none' | null) {
  const flag = answers === 'call' ? { picture: { kept: A_CALL } } : null;
  const stand = standInEngine({
    ...(answers && { answerPart: () => [], answerFrom: () => ({ flag }) }),
  });
  const balls: NewBall[] = [];
  const refused: EarlyBall[] = [];
  const hook = renderHook(
    () =>
      useEarlyBalls(
        LESSON,
        PLAYERS,
        stations,
        'yards',
        (ball) => balls.push(ball),
        (ball) => refused.push(ball),
      ),
    {
      wrapper: ({ children }: { children: ReactNode }) => (
        <WithEngine engine={stand.engine}>{children}</WithEngine>
      ),
    },
  );
  return { ...stand, balls, refused, hook, early: () => hook.result.current };
}

test('a ball waits for the call of its own player, over a reload too, and is handed over once', async () => {
  const before = opened(null);
  act(() => before.early().hold(A_BALL));
  act(() => before.early().hold({ ...A_BALL, player: 'bo', asCalled: true }));
  expect(before.early().early).toHaveLength(2);
  await waitFor(() => expect(before.asked('answerPart').length).toBeGreaterThan(0));
  before.hook.unmount();
  expect(before.balls).toEqual([]);

  const { balls, refused, early, asked } = opened('call');
  await waitFor(() => expect(balls).toHaveLength(2));
  expect(balls).toEqual([
    expect.objectContaining({ player: 'ada', station: 0, carry_m: 9, call: A_CALL }),
    expect.objectContaining({ player: 'bo', strike: 'good', entry_m: expect.any(Number) }),
  ]);
  expect(balls[0]).not.toHaveProperty('strike');
  expect(early().early).toEqual([]);
  expect(refused).toEqual([]);
  const handed = asked('answerFrom').map(({ asked: [of] }) => JSON.stringify(of));
  expect(new Set(handed).size).toBe(2);
});

test('the last one that waits here is let go before it was sent', () => {
  const { early, balls } = opened(null);
  act(() => early().hold(A_BALL));
  act(() => early().hold({ ...A_BALL, player: 'bo' }));
  act(() => void expect(early().dropLast('ada', 0)).toBe(true));
  act(() => void expect(early().dropLast('ada', 0)).toBe(false));
  expect(early().early.map(({ player }) => player)).toEqual(['bo']);
  expect(balls).toEqual([]);
});

test('a ball for which there is no call is told of', async () => {
  const { early, balls, refused } = opened('none');
  act(() => early().hold(A_BALL));
  await waitFor(() => expect(refused).toHaveLength(1));
  expect(refused[0]).toMatchObject({ player: 'ada', fields: { carry_m: 9 } });
  expect(early().early).toEqual([]);
  expect(balls).toEqual([]);
});

test('a ball whose call cannot be worked out is not lost: it waits', async () => {
  const { early, balls, refused, asked } = opened(null);
  act(() => early().hold(A_BALL));
  await waitFor(() => expect(asked('answerPart').length).toBeGreaterThan(0));
  await act(async () => asked('answerPart').forEach(({ fail }) => fail(new Error('no thread'))));
  expect(early().early).toHaveLength(1);
  expect([balls, refused]).toEqual([[], []]);
});
