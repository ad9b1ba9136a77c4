import { windWords, WIND_FROM } from '@/ui/reading/wind';
import { slopeWords } from './situation';

test.each([
  [0, 0, 'level ground'],
  [8, 0, 'an 8° upslope'],
  [-10, 0, 'a 10° downslope'],
  [11, 5, 'an 11° upslope, ball 5° above the feet'],
  [0, -6, 'level ground, ball 6° below the feet'],
])('a slope of %p along and %p across', (along, across, words) => {
  expect(slopeWords(along, across)).toBe(words);
});

test('wind is said from the nearest of eight ways, round the clock', () => {
  for (const { deg, name } of WIND_FROM) expect(windWords(deg)).toBe(name);
  expect(windWords(350)).toBe('against');
  expect(windWords(-90)).toBe('from the left');
});
