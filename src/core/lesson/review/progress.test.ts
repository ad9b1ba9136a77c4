import { samplerOf } from '@/core/ground/numeric/sampling';
import { progressOf, type Followed } from './progress';
import { statsOf, type StatBall } from './stats';

/* Intervals of the progress chart, tried on balls that they were not made from. */

const { normal, uniform } = samplerOf(7);
const TRUE = { out: 0.8, carry: 0.9, spread: 0.02 };

const ball = (): StatBall => {
  const out = uniform() < TRUE.out;
  return {
    entry_m: 0.05 + normal(0, TRUE.spread),
    carry_m: 10 * (TRUE.carry + normal(0, 0.12)),
    along_m: out ? 12 : 1,
    entryMeant: 0.04,
    carryMeant: 10,
    pin: 12,
    lip: 2,
  };
};

const lesson = (day: string, balls: number) => ({
  day,
  place: 'Practice bunker',
  stats: statsOf(Array.from({ length: balls }, ball)),
});

const measure = (name: Followed['name'], balls: number) =>
  progressOf([lesson('2026-05-02', balls)]).find((each) => each.name === name)!.points[0]!;

test.each([
  ['out', TRUE.out, 8],
  ['out', TRUE.out, 30],
  ['carry', TRUE.carry, 5],
  ['carry', TRUE.carry, 12],
  ['carry', TRUE.carry, 30],
  ['entry', TRUE.spread, 5],
  ['entry', TRUE.spread, 12],
  ['entry', TRUE.spread, 30],
] as const)(
  'the interval of %p holds %p in about 95 of 100 lessons of %p balls',
  (name, truth, n) => {
    const rounds = 3000;
    let held = 0;
    for (let i = 0; i < rounds; i++) {
      const { low, high } = measure(name, n);
      held += Number(low <= truth && truth <= high);
    }
    expect(held / rounds).toBeGreaterThan(0.925);
    expect(held / rounds).toBeLessThan(0.985);
  },
);

test('a lesson with too few balls for a measure is left out of that measure only', () => {
  const [out, carry, entry] = progressOf([lesson('2026-05-02', 2), lesson('2026-06-13', 6)]);
  expect(out!.points.map(({ day }) => day)).toEqual(['2026-05-02', '2026-06-13']);
  expect(carry!.points.map(({ day }) => day)).toEqual(['2026-06-13']);
  expect(entry!.points.map(({ day }) => day)).toEqual(['2026-06-13']);
});
