import { aSituation } from '@/core/testing/records';
import { PARTS } from '@/core/search/calls/choosing';
import { engineAtHand, standInEngine } from '../testing/engine';
import { answered } from './answered';

const wanted = () => ({ signal: new AbortController().signal });

test('asks for all parts at once, and tells the answer once all are there', async () => {
  const { engine, asked } = standInEngine({ answerFrom: () => 'told' });
  const answer = answered(engine, aSituation(), 'yards', wanted());
  expect(asked('answerPart').map(({ asked: [, part] }) => part)).toEqual([0, 1]);
  expect(asked('answerPart')).toHaveLength(PARTS);
  asked('answerPart')[1]!.answer('second');
  await Promise.resolve();
  expect(asked('answerFrom')).toEqual([]);
  asked('answerPart')[0]!.answer('first');
  await expect(answer).resolves.toBe('told');
  expect(asked('answerFrom')[0]!.asked[2]).toEqual(['first', 'second']);
});

test('a situation that is not usable is told with its faults', async () => {
  await expect(answered(engineAtHand(), {}, 'yards', wanted())).rejects.toMatchObject({
    faults: expect.arrayContaining([expect.objectContaining({ path: 'player' })]),
  });
});
