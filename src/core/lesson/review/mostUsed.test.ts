import { mostUsed } from './mostUsed';
import { aBall } from '@/core/testing/balls';

/** So many balls of a club in a school. */
const balls = (count: number, club: string, school = 'parallel') =>
  Array.from({ length: count }, () => {
    const { call } = aBall(1);
    return { call: { ...call, club, school } };
  });

test('the club of most splashes is named with how many they were', () => {
  const all = [...balls(9, '56'), ...balls(4, '60')];
  expect(mostUsed(all, ['60', '56'])).toEqual({ club: '56', balls: 9, of: 13 });
});

test.each([
  ['too few balls', balls(11, '56'), ['56']],
  ['no club that stands out', [...balls(8, '56'), ...balls(8, '60')], ['60', '56']],
  ['a club that is not in the bag any more', balls(20, '54'), ['60', '56']],
  ['picks, which say nothing of sand', balls(20, '56', 'pick'), ['56']],
])('%s: nothing is said', (_, all, bag) => {
  expect(mostUsed(all, bag)).toBeNull();
});
