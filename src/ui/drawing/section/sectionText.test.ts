import { aShot } from '@/core/testing/fixtures';
import type { CallPicture } from '@/core/tell/picture/picture';
import { sectionText } from './sectionText';

const shot = aShot(15, 3);
const picture = {
  landing: 11,
  finish: 14,
  flight: [
    [0, 0],
    [5, 4],
    [11, 0],
  ],
} as unknown as CallPicture;
const said = (...rest: Parameters<typeof sectionText> extends [unknown, ...infer R] ? R : never) =>
  sectionText(shot, ...rest).replaceAll('\u00a0', ' ');

test('a flight is told under the club of its own call, also behind relief', () => {
  expect(said([{ picture, rank: 1 }], ['none', '56'], 'metres')).toContain(
    'the 56 rises 4 m, lands at 11 m and stops at 14 m.',
  );
});

test('relief alone is no missing call', () => {
  expect(said([], ['none'], 'metres')).toContain('No shot is played at the flag.');
  expect(said([], [], 'metres')).toContain('No call yet.');
});

test('from above it is a view from above, without heights', () => {
  const words = said([{ picture, rank: 0 }], ['56'], 'metres', 'above');
  expect(words).toMatch(/^View from above to scale\./);
  expect(words).not.toMatch(/rises|high/);
});
