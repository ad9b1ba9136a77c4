import type { Learning } from './learn';
import { learnWords } from './learnWords';

const at = (mean: number, half: number) => ({ mean, low: mean - half, high: mean + half });
const channel = (bias: number, half: number, spread = 0.02, balls = 20) => ({
  balls,
  before: { bias: 0, spread: 0.025 },
  after: { bias: at(bias, half), spread: at(spread, 0.002) },
});
const learning = (distance: number, half = 0.05, balls = 20): Learning => ({
  balls,
  mark: channel(0.0127, 0.005, 0.02, balls),
  distance: { ...channel(distance, half, 0.3, balls), clubs: [] },
  direction: channel(-0.05, 0.02, 0.06, balls),
  factors: {} as Learning['factors'],
});

test('less far is told as the share that is missing, further as what is more', () => {
  expect(learnWords(learning(Math.log(0.8)), 'yards')[1]).toMatch(
    /goes 20 % less far than the model says \(-24 % to -16 %\)/,
  );
  expect(learnWords(learning(Math.log(1.25)), 'yards')[1]).toMatch(
    /goes 25 % further than the model says \(19 % to 31 %\)/,
  );
});

test('what the balls cannot tell is said so', () => {
  expect(learnWords(learning(0.02, 0.1), 'yards')[1]).toContain(
    'as far as the model says, as far as 20 balls tell (-8 % to 13 %)',
  );
  const none = learnWords(learning(0, 0.3, 0), 'metres').join(' ');
  expect(none).toContain('No mark was logged');
  expect(none).toContain('No distance was logged');
  expect(none).toContain('No direction was logged');
});

test('marks are told in the reader’s units, directions by the player’s side', () => {
  const [mark, , direction] = learnWords(learning(0), 'metres');
  expect(mark).toMatch(
    /1\.3 cm further back than meant \(0\.8 cm to 1\.8 cm\), and spreads by 2 cm/,
  );
  expect(learnWords(learning(0), 'yards')[0]).toContain('0.5 in further back');
  expect(direction).toContain('2.9° to the far side');
});
