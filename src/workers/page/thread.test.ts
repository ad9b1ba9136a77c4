import { aSituation } from '@/core/testing/records';
import { thread } from './thread';

const called = { club: '56', kind: 'splash' as const };

test('a long task is left soon after it is not wanted any more', async () => {
  const looked = thread.run(1, 'changes', [aSituation(), 'yards', called, 'lip'], () => undefined);
  thread.stop(1);
  await expect(looked).resolves.toEqual({ value: [] });
  const axis = (factor: 'distance' | 'lip', cells: number) =>
    ({ factor, low: 1, high: 20, cells }) as const;
  const places = Array.from({ length: 500 }, (_, i) => [0, i] as const);
  const row = thread.run(
    2,
    'mapLooks',
    [aSituation(), axis('distance', 500), axis('lip', 1), places],
    () => undefined,
  );
  thread.stop(2);
  const left = await row;
  expect('value' in left && left.value.length).toBeLessThan(3);
});

test('what was stopped under one number does not stop the next', async () => {
  const bands = await thread.run(1, 'changes', [aSituation(), 'yards', called, 'wind'], () => {});
  expect('value' in bands && Array.isArray(bands.value)).toBe(true);
});

test('faulty input comes out as its faults', async () => {
  const answered = await thread.run(3, 'answerPart', [{}, 0], () => undefined);
  expect('faults' in answered && answered.faults.map(({ path }) => path)).toContain('player');
});
