import { SITUATIONS, steadinessOf } from './steadiness';

/** Every tenth situation, with three seeds: `npm run bench` tries all thirty with twenty. */
const TRIED = SITUATIONS.filter((_, i) => i % 10 === 2);
const SEEDS = [{ seed: 3 }, { seed: 50 }, { seed: 4_000_000_000 }];

test('another seed is no reason for another call, nor for another face or swing', () => {
  for (const situation of TRIED) {
    const { same, face, swing } = steadinessOf(situation, SEEDS);
    expect({ same, face, swing }).toEqual({ same: 1, face: 0, swing: 0 });
  }
});

test('points that the choice was not made on hardly find a better call, and it is no better than it says', () => {
  const tried = TRIED.map((situation) =>
    steadinessOf(situation, [{ seed: 3 }, { seed: 4, points: 11 }, { seed: 5, points: 12 }]),
  );
  const mean = (of: (each: (typeof tried)[number]) => number): number =>
    tried.reduce((sum, each) => sum + of(each), 0) / tried.length;
  expect(mean(({ loss }) => loss)).toBeLessThan(0.012);
  expect(Math.abs(mean(({ optimism }) => optimism))).toBeLessThan(0.008);
});
