import { act, renderHook, waitFor } from '@testing-library/react';
import { anEyeResult } from '@/core/testing/eye';
import { standInServer } from '../testing/server';
import { useEyeResults } from './useEyeResults';

const EYE = /\/api\/eye$/;
const FIRST = anEyeResult({ id: 'first' });
const SECOND = anEyeResult({ id: 'second' });
const FAULTS = { error: [{ path: 'player', message: 'there is no such player' }] };

function opened() {
  const server = standInServer();
  const { result } = renderHook(() => useEyeResults([], false));
  const sent = (): string[] =>
    server.to('POST', EYE).map(({ body }) => (body as { id: string }).id);
  return { server, result, sent };
}

test('a scene that could not be saved goes with the next, and the page says so until then', async () => {
  const { server, result, sent } = opened();
  act(() => result.current.add(FIRST));
  await waitFor(() => expect(result.current.fault).toMatch(/is not answering/));
  server.on('POST', EYE, () => ({}));
  act(() => result.current.add(SECOND));
  await waitFor(() => expect(result.current.fault).toBeNull());
  expect(sent()).toEqual(['first', 'first', 'second']);
  expect(result.current.results).toEqual([FIRST, SECOND]);
});

test('it is sent again when that is wanted, and what is saved is not', async () => {
  const { server, result, sent } = opened();
  act(() => result.current.add(FIRST));
  await waitFor(() => expect(result.current.fault).not.toBeNull());
  server.on('POST', EYE, () => ({}));
  act(() => result.current.sendAgain());
  await waitFor(() => expect(result.current.fault).toBeNull());
  await act(async () => result.current.sendAgain());
  expect(sent()).toEqual(['first', 'first']);
});

test('one that is refused for good keeps no other back', async () => {
  const { server, result, sent } = opened();
  server.on('POST', EYE, ({ body }) =>
    (body as { id: string }).id === 'first' ? { status: 400, body: FAULTS } : {},
  );
  act(() => result.current.add(FIRST));
  await waitFor(() => expect(result.current.fault).toMatch(/no such player/));
  act(() => result.current.add(SECOND));
  await waitFor(() => expect(sent()).toEqual(['first', 'second']));
});
