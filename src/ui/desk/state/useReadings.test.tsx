import { act, renderHook, waitFor } from '@testing-library/react';
import type { KeptReading } from '@/core/contract/reading/kept';
import { held, standInServer } from '../../testing/server';
import { WithCache } from '../../testing/withCache';
import { useReadingChanges, useReadings } from './useReadings';

const reading = (id: string): KeptReading => ({
  id,
  name: `Reading ${id}`,
  playerId: 'ada',
  playerName: 'Ada',
  shot: {},
  called: '56 splash',
  savedAt: '2026-05-02T10:00:00Z',
  learnt: null,
  model: 'm',
});

const AB = [reading('a'), reading('b')];
const CAB = [reading('c'), ...AB];
const TO_KEEP = { name: 'Reading c', playerId: 'ada', shot: {}, called: '' };

type List = readonly KeptReading[];

/** The list as it came with the page; the server gives the others one after the other, and the last of them again. */
function opened(first: List = AB, ...lists: (List | Promise<List>)[]) {
  const server = standInServer();
  let list: List | Promise<List> = first;
  server.on('GET', /search=$/, async () => ({ body: await (list = lists.shift() ?? list) }));
  const { result, rerender } = renderHook(
    ({ search }) => ({ ...useReadings(search, first), ...useReadingChanges() }),
    { initialProps: { search: '' }, wrapper: WithCache },
  );
  return {
    server,
    result,
    find: (search: string) => rerender({ search }),
    ids: () => result.current.readings.map(({ id }) => id),
  };
}

test('what came with the page is shown at once, and what was kept since follows', async () => {
  const { ids } = opened(AB, CAB);
  expect(ids()).toEqual(['a', 'b']);
  await waitFor(() => expect(ids()).toEqual(['c', 'a', 'b']));
});

test('a list that was read before a reading was deleted does not bring it back', async () => {
  const late = held<List>();
  const { server, result, ids } = opened(AB, late.promise, [reading('b')]);
  server.on('DELETE', /readings\/a$/, () => ({}));
  await act(() => result.current.remove(reading('a')));
  await waitFor(() => expect(ids()).toEqual(['b']));
  await act(async () => late.settle(AB));
  expect(ids()).toEqual(['b']);
});

test('of two searches the later one stands, whichever is answered last', async () => {
  const { server, find, ids } = opened([]);
  const slow = held<{ body: KeptReading[] }>();
  server.on('GET', /search=a$/, () => slow.promise);
  server.on('GET', /search=ab$/, () => ({ body: [reading('ab')] }));
  find('a');
  find('ab');
  await waitFor(() => expect(ids()).toEqual(['ab']));
  await act(async () => slow.settle({ body: [reading('a'), reading('ab')] }));
  expect(ids()).toEqual(['ab']);
});

test('a kept reading comes into the list; a refused one gives back why', async () => {
  const { server, result, ids } = opened(AB, AB, CAB);
  server.on('POST', /readings$/, () => ({ body: reading('c') }));
  await act(async () => expect(await result.current.keep(TO_KEEP)).toBeNull());
  await waitFor(() => expect(ids()).toEqual(['c', 'a', 'b']));
  server.on('POST', /readings$/, () => ({
    status: 400,
    body: { error: [{ path: 'name', message: 'must not be empty' }] },
  }));
  await act(async () => expect(await result.current.keep(TO_KEEP)).toBe('name: must not be empty'));
});

test('nothing leaves the list while the server is away', async () => {
  const { server, result, ids } = opened();
  await waitFor(() => expect(server.to('GET', /search=/)).toHaveLength(1));
  server.away();
  await act(() => result.current.remove(reading('a')));
  await act(() => result.current.duplicate(reading('a')));
  expect(ids()).toEqual(['a', 'b']);
});

test('a search that is not answered says so', async () => {
  const { find, result } = opened();
  find('x');
  await waitFor(() => expect(result.current.fault).toMatch(/is not answering/));
});
