import { FaultyInput } from '@/core/contract/check/fault';
import { Busy, endThreads, inThread, threadsWide } from './pool';

afterAll(endThreads);

test('faulty input comes out of a thread with its faults', async () => {
  const refused = inThread('simulate', {});
  await expect(refused).rejects.toThrow(FaultyInput);
  await refused.catch(({ faults }: FaultyInput) =>
    expect(faults.map(({ path }) => path)).toContain('player'),
  );
});

test('the queue has an end: what comes on top of it is turned away at once, the rest is done', async () => {
  const asked = Array.from({ length: 64 + threadsWide() + 20 }, () => inThread('simulate', {}));
  const ends = await Promise.all(asked.map((each) => each.catch((error: Error) => error.name)));
  const count = (name: string): number => ends.filter((end) => end === name).length;
  expect(count(Busy.name)).toBeGreaterThanOrEqual(20);
  expect(count(FaultyInput.name)).toBeGreaterThanOrEqual(64);
  expect(count(Busy.name) + count(FaultyInput.name)).toBe(asked.length);
});
