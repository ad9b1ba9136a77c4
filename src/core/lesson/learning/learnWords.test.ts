import type { Learning } from './learn';
import { learnWords, savingWords } from '@/core/tell/lessons/learnedWords';

const at = (mean: number, half: number) => ({ mean, low: mean - half, high: mean + half });
const channel = (bias: number, half: number, spread = 0.02, balls = 20) => ({
  balls,
  before: { bias: 0, spread: 0.025 },
  after: { bias: at(bias, half), spread: at(spread, 0.002) },
});
const learning = (distance: number, half = 0.05, balls = 20): Learning => ({
  balls,
  mark: channel(0.0127, 0.005, 0.02, balls),
  distance: { ...channel(distance, half, 0.3, balls), clubs: [], sands: [] },
  direction: channel(-0.05, 0.02, 0.06, balls),
  factors: {} as Learning['factors'],
  draws: [],
  changed: null,
});

test('less far is told as the share that is missing, further as what is more', () => {
  expect(learnWords(learning(Math.log(0.8)), 'yards')[1]).toMatch(
    /is 20% shorter than typical for this level \(-24% to -16%\)/,
  );
  expect(learnWords(learning(Math.log(1.25)), 'yards')[1]).toMatch(
    /is 25% longer than typical for this level \(19% to 31%\)/,
  );
});

test('what the balls cannot tell is said so', () => {
  expect(learnWords(learning(0.02, 0.1), 'yards')[1]).toContain(
    'as far as is typical for this level, as far as 20 balls can show (-8% to 13%)',
  );
  const none = learnWords(learning(0, 0.3, 0), 'metres').join(' ');
  expect(none).toContain('No entry points were logged');
  expect(none).toContain('No distances were logged');
  expect(none).toContain('No directions were logged');
});

test('sands that differ clearly are told apart by their names', () => {
  const own = learning(0);
  own.distance.sands = [
    { sand: 'wet', offset: at(-0.2, 0.05) },
    { sand: 'medium', offset: at(0.02, 0.05) },
  ];
  const told = learnWords(own, 'yards').filter((line) => line.includes('other sands'));
  expect(told).toEqual([
    'In wet, packed sand it is 18% shorter than in the other sands (-22% to -14%).',
  ]);
});

test('marks are told in the reader’s units, directions by the player’s side', () => {
  const [mark, , direction] = learnWords(learning(0), 'metres');
  expect(mark).toMatch(
    /1\.3 cm further behind the ball than planned \(0\.8 cm to 1\.8 cm\), with a spread of 2 cm/,
  );
  expect(learnWords(learning(0), 'yards')[0]).toContain('0.5 in further behind the ball');
  expect(direction).toContain('2.9° to the far side');
});

test('a saving is told with how sure it is, and whether it is worth it', () => {
  const saving = { mean: 0.07, low: 0.02, high: 0.13, worth: true };
  expect(savingWords(saving)).toBe(
    'Worth using: these numbers should save 0.07 strokes a shot (90% confidence: 0.02 to 0.13).',
  );
  expect(savingWords({ ...saving, low: -0.05, worth: false })).toMatch(
    /^Not worth using yet: .*-0\.05 to 0\.13\)\. Log more balls to be sure\.$/,
  );
  expect(savingWords({ mean: -0.01, low: -0.02, high: 0.001, worth: false })).toContain(
    'no strokes are expected to be saved (90% confidence: -0.02 to 0.00)',
  );
  expect(savingWords({ mean: 0.004, low: -0.01, high: 0.02, worth: false })).toBe(
    'Not worth using yet: these balls promise no saving to speak of (90% confidence: -0.01 to 0.02).',
  );
});
