import type { Leader } from '@/core/search/calls/leaders';
import { radians } from '@/core/ground/units/angle';
import {
  changeSaid,
  changeWords,
  factorValueWords,
  firmnessWords,
  leaderWords,
} from './changeWords';

const from: Leader = {
  club: '56',
  kind: 'splash',
  school: 'across',
  faceDeg: 10,
  strokes: 3,
  score: 3,
  cost: 3,
};
const to: Leader = { ...from, club: '52', kind: 'long-splash' };

test.each([
  ['lip', 1.98, 'up', 'the lip passes 6.5\u00a0ft'],
  ['lip', 0.61, 'down', 'the lip is under 2\u00a0ft'],
  ['distance', 21.95, 'up', 'the flag is past 24\u00a0yd'],
  ['distance', 8.23, 'down', 'the flag is inside 9\u00a0yd'],
  ['sand', 0.8, 'up', 'the sand is firm or firmer'],
  ['sand', 0.1, 'down', 'the sand is powdery or softer'],
  ['lie', 0.018, 'up', 'the lie is a fried egg (¾\u00a0in under)'],
  ['slope', radians(-9), 'down', 'the lie is 9° downhill'],
  ['wind', -5, 'down', 'the wind is 11\u00a0mph into you'],
  ['wind', 5, 'up', 'the wind is 11\u00a0mph behind you'],
] as const)('%s at %p going %s', (factor, value, direction, words) => {
  const here = factor === 'sand' ? 0.5 : 0;
  expect(changeWords({ factor, value, here, direction, from, to }, 'yards')).toBe(words);
});

test('sand that has the same word on both sides is only a little firmer or softer', () => {
  const said = (value: number, direction: 'up' | 'down'): string =>
    changeWords({ factor: 'sand', value, here: 0.5, direction, from, to }, 'yards');
  expect(said(0.6, 'up')).toBe('the sand is a little firmer than this');
  expect(said(0.4, 'down')).toBe('the sand is a little softer than this');
});

test('a ball that stays in the same lie only sits a little deeper or higher', () => {
  const said = (value: number, direction: 'up' | 'down'): string =>
    changeWords({ factor: 'lie', value, here: 0.004, direction, from, to }, 'yards');
  expect(said(0.005, 'up')).toBe('the ball sits a little deeper than this');
  expect(said(0.003, 'down')).toBe('the ball sits a little higher than this');
  expect(said(0.018, 'up')).toMatch(/^the lie is a fried egg/);
});

test('it is said until where the call stands when others come between', () => {
  const lip = { factor: 'lip', here: 0.5, direction: 'up', from, to: null } as const;
  const said = (value: number, until?: number): string =>
    changeSaid({ ...lip, value, ...(until === undefined ? {} : { until }) }, 'yards');
  expect(said(2.13)).toBe('the lip passes 7\u00a0ft: no shot at the flag');
  expect(said(2.13, 2.06)).toBe(
    'the lip passes 7\u00a0ft: no shot at the flag (56 splash only to 6.8\u00a0ft)',
  );
  expect(said(2.13, 2.125)).toBe(said(2.13));
});

test('metric values are said in metric units', () => {
  expect(factorValueWords('lip', 1.98, 'metres')).toBe('2\u00a0m');
  expect(factorValueWords('wind', 5, 'metres')).toBe('5\u00a0m/s');
});

test('leaders are said by club and kind, and nothing as nothing', () => {
  expect(leaderWords(to)).toBe('52 long splash');
  expect(leaderWords(null)).toBe('no shot at the flag');
});

test('firmness has a word for every part of its scale', () => {
  const words = [0, 0.25, 0.5, 0.75, 1].map(firmnessWords);
  expect(words).toEqual(['powdery', 'soft', 'medium', 'firm', 'wet and packed']);
});
