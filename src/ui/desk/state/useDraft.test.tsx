import { act, renderHook } from '@testing-library/react';
import type { DeskReading } from '@/core/contract/reading/reading';
import { held, standInServer } from '../../testing/server';
import { useDraft } from './useDraft';

const reading = (pin: number): DeskReading =>
  ({ player: 'ada', shot: { pin_yd: pin } }) as unknown as DeskReading;

beforeEach(() => {
  sessionStorage.clear();
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

function opened() {
  const server = standInServer();
  const hook = renderHook(({ pin, called }) => useDraft(reading(pin), called), {
    initialProps: { pin: 10, called: '56 splash' as string | null },
  });
  const change = (pin: number, called: string | null = '56 splash'): void =>
    hook.rerender({ pin, called });
  const rest = (): Promise<void> => act(() => jest.advanceTimersByTimeAsync(2000));
  return { server, hook, change, rest, state: () => hook.result.current.state };
}

test('nothing is saved of a reading that was only looked at', async () => {
  const { server, rest, state } = opened();
  await rest();
  expect(server.asked).toHaveLength(0);
  expect(state()).toBe('untouched');
});

test('a changed reading is saved once it rests, always as the draft of this tab', async () => {
  const { server, change, rest, state } = opened();
  server.on('PUT', /drafts/, () => ({}));
  change(11);
  change(12);
  await rest();
  change(13);
  await rest();
  expect(state()).toBe('saved');
  const puts = server.to('PUT', /drafts/);
  expect(puts.map(({ body }) => (body as { shot: object }).shot)).toEqual([
    { pin_yd: 12 },
    { pin_yd: 13 },
  ]);
  expect(new Set(puts.map(({ url }) => url)).size).toBe(1);
});

test('a reading that has no call yet waits; a failure is said', async () => {
  const { server, change, rest, state } = opened();
  change(11, null);
  await rest();
  expect(server.asked).toHaveLength(0);
  change(11);
  await rest();
  expect(state()).toBe('failed');
});

test('a draft that is let go while it is being saved is gone afterwards', async () => {
  const { server, hook, change, rest, state } = opened();
  const saving = held<object>();
  server.on('PUT', /drafts/, () => saving.promise);
  server.on('DELETE', /drafts/, () => ({}));
  change(11);
  await rest();
  act(() => hook.result.current.letGo());
  expect(server.to('DELETE', /drafts/)).toHaveLength(0);
  await act(async () => {
    saving.settle({});
    await jest.advanceTimersByTimeAsync(10);
  });
  const [put] = server.to('PUT', /drafts/);
  expect(server.to('DELETE', /drafts/).map(({ url }) => url)).toEqual([put!.url]);
  expect(state()).toBe('untouched');
});

test('a reading kept before its draft was saved leaves no draft', async () => {
  const { server, hook, change, rest } = opened();
  server.on('PUT', /drafts/, () => ({}));
  server.on('DELETE', /drafts/, () => ({}));
  change(11);
  act(() => hook.result.current.letGo());
  await rest();
  expect(server.to('PUT', /drafts/)).toHaveLength(0);
});

test('a draft is taken away once: what nobody saved since is not asked for', async () => {
  const { server, hook, change, rest } = opened();
  server.on('PUT', /drafts/, () => ({}));
  server.on('DELETE', /drafts/, () => ({}));
  change(12);
  await rest();
  for (let i = 0; i < 2; i++) {
    await act(async () => hook.result.current.letGo());
    await rest();
  }
  expect(server.to('DELETE', /drafts/)).toHaveLength(1);
});
