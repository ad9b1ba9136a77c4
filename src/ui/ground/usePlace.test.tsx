import { act, renderHook, waitFor } from '@testing-library/react';
import { emptyPlace, type Place } from '@/core/place/record/place';
import type { StoredPlace } from '@/core/place/record/stored';
import { held, standInServer } from '../testing/server';
import { usePlace } from './usePlace';

const PLACES = /\/api\/places\/dunes/;
const named = (name: string): Place => ({ ...emptyPlace('Dunes'), name });
const STORED = { id: 'dunes', version: 'v0', place: named('Dunes') } as StoredPlace;

beforeEach(() => sessionStorage.clear());

test('what is changed while the server takes its time is saved after it, over the version that it made', async () => {
  const server = standInServer();
  const answers = [held<{ body: unknown }>(), held<{ body: unknown }>()];
  let asked = 0;
  server.on('PUT', PLACES, () => answers[asked++]!.promise);
  const { result } = renderHook(() => usePlace(STORED));
  const saves = (): [string, string][] =>
    server.to('PUT', PLACES).map(({ url, body }) => [url, (body as Place).name]);

  act(() => result.current.change(named('High dunes')));
  await waitFor(() => expect(saves()).toHaveLength(1));
  act(() => result.current.change(named('Higher')));
  act(() => result.current.change(named('Higher dunes')));
  // Longer than a place rests before it is saved: the next waits for the answer.
  await act(() => new Promise((resolve) => setTimeout(resolve, 600)));
  expect(saves()).toHaveLength(1);
  await act(async () => answers[0]!.settle({ body: { ...STORED, version: 'v1' } }));
  await waitFor(() => expect(saves()).toHaveLength(2));
  expect(saves()).toEqual([
    ['/api/places/dunes?from=v0', 'High dunes'],
    ['/api/places/dunes?from=v1', 'Higher dunes'],
  ]);
  await act(async () => answers[1]!.settle({ body: { ...STORED, version: 'v2' } }));
  await waitFor(() => expect(result.current.saving).toEqual({ state: 'saved' }));
});
