import { renderHook } from '@testing-library/react';
import { useTurn } from './useTurn';

test('one begins once the one before is done', async () => {
  const { result } = renderHook(() => useTurn());
  const done: string[] = [];
  let finish!: () => void;
  const first = result.current(async () => {
    await new Promise<void>((resolve) => (finish = resolve));
    done.push('first');
  });
  const second = result.current(async () => {
    done.push('second');
    return 2;
  });
  await Promise.resolve();
  expect(done).toEqual([]);
  finish();
  await expect(first).resolves.toBeUndefined();
  await expect(second).resolves.toBe(2);
  expect(done).toEqual(['first', 'second']);
});

test('one that fails is told of, and keeps nobody back', async () => {
  const { result } = renderHook(() => useTurn());
  const first = result.current(() => Promise.reject(new Error('no room')));
  const second = result.current(async () => 'saved');
  await expect(first).rejects.toThrow('no room');
  await expect(second).resolves.toBe('saved');
});
