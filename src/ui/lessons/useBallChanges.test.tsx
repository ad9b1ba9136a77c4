import { act, renderHook } from '@testing-library/react';
import { aBall } from '@/core/testing/balls';
import { held, standInServer } from '../testing/server';
import type { StoredBall } from '@/core/lesson/balls/ball';
import type { ShownBall } from './types';
import { changedElsewhere, useBallChanges } from './useBallChanges';

const shown = (n: number, fields: Partial<StoredBall> = {}): StoredBall => ({
  ...aBall(n),
  seq: n,
  touched: n,
  ...fields,
});

const opened = (first: readonly ShownBall[]) => {
  const server = standInServer();
  const { result } = renderHook(() => useBallChanges('lesson', first));
  return { server, result, ids: () => result.current.saved.map(({ id }) => id) };
};

test('a changed ball stays in its place', async () => {
  const { server, result, ids } = opened([shown(1), shown(2)]);
  server.on('PATCH', /balls/, ({ body }) => ({ body: { ...shown(1), ...(body as object) } }));
  await act(async () => expect(await result.current.change(shown(1), { carry_m: 9 })).toBeNull());
  expect(ids()).toEqual([shown(1).id, shown(2).id]);
  expect(result.current.saved[0]).toMatchObject({ carry_m: 9 });
});

test('a refused change leaves the ball and gives back why', async () => {
  const { server, result } = opened([shown(1, { carry_m: 8 })]);
  server.on('PATCH', /balls/, () => ({
    status: 400,
    body: { error: [{ path: 'carry_m', message: 'must be from 0 to 260 m, not 900' }] },
  }));
  await act(async () =>
    expect(await result.current.change(shown(1), { carry_m: 900 })).toBe(
      'carry_m: must be from 0 to 260 m, not 900',
    ),
  );
  expect(result.current.saved[0]).toMatchObject({ carry_m: 8 });
});

test('a look that began before a change brings new balls and leaves the change', async () => {
  const { server, result, ids } = opened([shown(1, { carry_m: 8 })]);
  server.on('PATCH', /balls/, () => ({ body: shown(1, { carry_m: 9, touched: 8 }) }));
  await act(async () => void (await result.current.change(shown(1), { carry_m: 9 })));
  act(() => result.current.join([shown(1, { carry_m: 8 }), shown(2)]));
  expect(ids()).toEqual([shown(1).id, shown(2).id]);
  expect(result.current.saved[0]).toMatchObject({ carry_m: 9, touched: 8 });
});

test('what was changed, taken away and brought back on another device is seen here', () => {
  const { result, ids } = opened([shown(1, { carry_m: 8 }), shown(2)]);
  act(() => result.current.join([shown(1, { carry_m: 9, touched: 3 })]));
  expect(result.current.saved[0]).toMatchObject({ carry_m: 9 });
  act(() => result.current.join([{ id: shown(2).id, touched: 4, deleted: true }]));
  expect(ids()).toEqual([shown(1).id]);
  act(() => result.current.join([shown(2)]));
  expect(ids()).toEqual([shown(1).id]);
  act(() => result.current.join([shown(2, { touched: 5 })]));
  expect(ids()).toEqual([shown(1).id, shown(2).id]);
});

test('a ball taken away here is not brought back by a look, but by a hand', async () => {
  const { server, result, ids } = opened([shown(1), shown(2)]);
  const answer = held<{ body: unknown }>();
  server.on('PATCH', /balls/, () => answer.promise);
  let changing: Promise<string | null>;
  act(() => {
    changing = result.current.change(shown(1), { deleted: true });
  });
  await act(async () => {
    answer.settle({ body: shown(1, { touched: 3 }) });
    await changing;
  });
  act(() => result.current.join([shown(1), shown(2)]));
  expect(ids()).toEqual([shown(2).id]);
  await act(async () => void (await result.current.change(shown(1), { deleted: false })));
  expect(ids()).toEqual([shown(2).id, shown(1).id]);
});

test('a ball that another device changed since is not overwritten: theirs is shown, and the next try is meant', async () => {
  const { server, result } = opened([shown(1, { carry_m: 8 })]);
  const asked: string[] = [];
  server.on('PATCH', /balls/, ({ url }) => {
    asked.push(url);
    return url.endsWith('touched=1')
      ? { status: 409, body: { error: [{ path: 'ball', message: 'was changed' }] } }
      : { body: shown(1, { carry_m: 9, touched: 8 }) };
  });
  server.on('GET', /touched_after=1/, () => ({ body: [shown(1, { carry_m: 11, touched: 7 })] }));
  await act(async () =>
    expect(await result.current.change(shown(1), { carry_m: 9 })).toBe(changedElsewhere()),
  );
  expect(result.current.saved[0]).toMatchObject({ carry_m: 11, touched: 7 });
  await act(async () =>
    expect(await result.current.change(result.current.saved[0]!, { carry_m: 9 })).toBeNull(),
  );
  expect(result.current.saved[0]).toMatchObject({ carry_m: 9 });
  expect(asked[1]).toMatch(/touched=7$/);
});
