import { act, renderHook, waitFor } from '@testing-library/react';
import { held, standInServer } from '../../testing/server';
import type { KeptReading } from '@/core/tell/reading/kept';
import { useReadings } from './useReadings';

const reading = (id: string, savedAt = '2026-05-02T10:00:00Z'): KeptReading => ({
  id,
  name: `Reading ${id}`,
  playerId: 'ada',
  playerName: 'Ada',
  shot: {},
  called: '56 splash',
  savedAt,
  learnt: null,
});

const ids = (readings: readonly KeptReading[]): string[] => readings.map(({ id }) => id);

function opened(first: readonly KeptReading[] = [reading('a'), reading('b')]) {
  const server = standInServer();
  const { result } = renderHook(() => useReadings(first));
  return { server, result };
}

test('a list that was read before a reading was deleted does not bring it back', async () => {
  const { server, result } = opened();
  const late = held<{ body: KeptReading[] }>();
  const lists = [late.promise, Promise.resolve({ body: [reading('b')] })];
  server.on('GET', /search=/, () => lists.shift()!);
  server.on('DELETE', /readings\/a$/, () => ({}));
  let finding: Promise<void>;
  act(() => {
    finding = result.current.find('');
  });
  await act(() => result.current.remove(reading('a')));
  expect(ids(result.current.readings)).toEqual(['b']);
  await act(async () => {
    late.settle({ body: [reading('a'), reading('b')] });
    await finding;
  });
  expect(ids(result.current.readings)).toEqual(['b']);
  expect(server.to('GET', /search=/)).toHaveLength(2);
});

test('of two searches the later one stands, whichever is answered last', async () => {
  const { server, result } = opened([]);
  const slow = held<{ body: KeptReading[] }>();
  server.on('GET', /search=a$/, () => slow.promise);
  server.on('GET', /search=ab$/, () => ({ body: [reading('ab')] }));
  let first: Promise<void>;
  act(() => {
    first = result.current.find('a');
  });
  await act(() => result.current.find('ab'));
  await act(async () => {
    slow.settle({ body: [reading('a'), reading('ab')] });
    await first;
  });
  expect(ids(result.current.readings)).toEqual(['ab']);
});

test('a kept reading stands first and once; a refused one gives back why', async () => {
  const { server, result } = opened();
  server.on('POST', /readings$/, () => ({ body: reading('c', '2026-05-03T10:00:00Z') }));
  const toKeep = { name: 'Reading c', playerId: 'ada', shot: {}, called: '' };
  await act(async () => expect(await result.current.keep(toKeep)).toBeNull());
  await act(async () => expect(await result.current.keep(toKeep)).toBeNull());
  expect(ids(result.current.readings)).toEqual(['c', 'a', 'b']);
  server.on('POST', /readings$/, () => ({
    status: 400,
    body: { error: [{ path: 'name', message: 'must not be empty' }] },
  }));
  await act(async () => expect(await result.current.keep(toKeep)).toBe('name: must not be empty'));
  expect(ids(result.current.readings)).toEqual(['c', 'a', 'b']);
});

test('nothing leaves the list while the server is away', async () => {
  const { result } = opened();
  await act(() => result.current.remove(reading('a')));
  await act(() => result.current.duplicate(reading('a')));
  await act(() => result.current.find('x'));
  expect(ids(result.current.readings)).toEqual(['a', 'b']);
});

test('a copy comes into the list by its date', async () => {
  const { server, result } = opened();
  server.on('POST', /readings\/a\/duplicate$/, () => ({
    body: reading('a2', '2026-05-01T10:00:00Z'),
  }));
  await act(() => result.current.duplicate(reading('a')));
  await waitFor(() => expect(ids(result.current.readings)).toEqual(['a', 'b', 'a2']));
});
