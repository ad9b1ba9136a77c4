import { act, renderHook, waitFor } from '@testing-library/react';
import type { BunkerTest } from '@/core/lesson/bunkerTest/test';
import { aBunkerTest } from '@/core/testing/bunkerTest';
import { held, standInServer } from '../testing/server';
import { useTappedTest } from './useTappedTest';

const TEST = /\/api\/tests\/one$/;

beforeEach(() => sessionStorage.clear());

const opened = (stored = aBunkerTest()) => renderHook(() => useTappedTest('one', stored));

const bandsOf = ({ hits }: BunkerTest) => hits.map(({ band }) => band);

test('a tap that is on its way when the page is loaded again stands, is saved, and the next follows it', async () => {
  const server = standInServer();
  server.on('PUT', TEST, () => held<never>().promise);
  const before = opened();
  act(() => before.result.current.hit(2));
  await waitFor(() => expect(server.to('PUT', TEST)).toHaveLength(1));
  before.unmount();

  server.on('PUT', TEST, () => ({ body: {} }));
  const after = opened();
  // The server does not have it yet; it is tapped on before the page looks at what it keeps.
  act(() => after.result.current.hit(1));
  expect(bandsOf(after.result.current.test)).toEqual([2, 1]);
  await waitFor(() =>
    expect(bandsOf(server.to('PUT', TEST).at(-1)!.body as BunkerTest)).toEqual([2, 1]),
  );
  await waitFor(() => expect(sessionStorage).toHaveLength(0));
  after.unmount();

  const later = opened(aBunkerTest({ hits: [] }));
  await act(() => new Promise((resolve) => setTimeout(resolve, 5)));
  expect(bandsOf(later.result.current.test)).toEqual([]);
});

test('what is kept is saved by itself', async () => {
  const server = standInServer();
  const before = opened();
  act(() => before.result.current.hit(3));
  await waitFor(() => expect(before.result.current.fault).toMatch(/is not answering/));
  before.unmount();
  server.on('PUT', TEST, () => ({ body: {} }));
  const after = opened();
  await waitFor(() => expect(bandsOf(after.result.current.test)).toEqual([3]));
  await waitFor(() => expect(sessionStorage).toHaveLength(0));
  expect(server.to('PUT', TEST)).toHaveLength(2);
});
