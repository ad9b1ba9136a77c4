import { sayFact } from '@/core/tell/facts/sayFact';
import { HABITS, habitsOf } from './habits';
import { footingOf, madeWith } from '../spread/footing';
import { sampleSwings } from '../spread/swings';
import { aBed, aClub, aPlayer, aSplash, CLUB_52, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { AS_MEANT } from '../swing/swingError';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { bagWarnings } from './bagWarnings';
import { grassCarry, lengthFactor, referenceHeadSpeed, speedFromCarry } from './headSpeed';

test('head speed and carry are inverse', () => {
  for (const club of [CLUB_60, CLUB_56, CLUB_52, aClub('7i', 'iron', 33, 4, 142)]) {
    const speed = speedFromCarry(club, 70, 'middle');
    expect(grassCarry(club, speed * lengthFactor(club, 0), 'middle')).toBeCloseTo(70, 2);
  }
});

test('without a stock carry the skill is taken for granted', () => {
  const bag = [aClub('56', 'wedge', 56, 12)];
  expect(referenceHeadSpeed(aPlayer('expert', bag))).toBeGreaterThan(
    referenceHeadSpeed(aPlayer('beginner', bag)),
  );
});

test('gripping down costs speed', () => {
  expect(lengthFactor(CLUB_56, 0.025)).toBeLessThan(lengthFactor(CLUB_56, 0));
});

describe('a bag is warned about, not refused', () => {
  test('a sound one says nothing', () => {
    expect(bagWarnings(aPlayer())).toEqual([]);
  });

  test('a typing error in a carry is named', () => {
    const typo = { ...CLUB_56, stockCarry: toMetres(28, 'yd') };
    const warnings = bagWarnings(aPlayer('middle', [CLUB_60, typo, CLUB_52]));
    expect(sayFact(warnings[0]!)).toMatch(/^56: a stock carry of 28.yd/);
    expect(sayFact(warnings[0]!, 'metres')).toMatch(/^56: a stock carry of 26.m/);
  });

  test('less loft that carries less is out of order', () => {
    const swapped = [
      { ...CLUB_56, stockCarry: toMetres(84, 'yd') },
      { ...CLUB_52, stockCarry: toMetres(80, 'yd') },
    ];
    expect(sayFact(bagWarnings(aPlayer('middle', swapped))[0]!)).toMatch(
      /52 has less loft than 56/,
    );
  });
});

describe('habits', () => {
  const mean = (values: readonly number[]): number =>
    values.reduce((sum, each) => sum + each, 0) / values.length;

  test.each([
    ['heavy', 'mark', 1],
    ['thin', 'mark', -1],
    ['thin', 'height', -1],
    ['lead-side', 'aim', 1],
    ['trail-side', 'aim', -1],
  ] as const)('a %s miss moves the mean %s', (usualMiss, key, sign) => {
    const swings = sampleSwings(habitsOf({ skill: 'middle', usualMiss }), 512, 3);
    expect(Math.sign(mean(swings.map((swing) => swing[key])))).toBe(sign);
  });

  test('no usual miss is no mean error', () => {
    expect(habitsOf({ skill: 'good' })).toEqual(HABITS.good);
  });

  test('slopes, forced swings, turned faces and awkward techniques spread more', () => {
    const bed = aBed('medium');
    const ground = (change: object, where = bed): number =>
      footingOf({ ...aSplash(CLUB_56, 0, 0.04, 0.7), ...change }, where).ground;
    expect(ground({ fraction: 1 })).toBeGreaterThan(ground({}));
    expect(ground({ technique: 'chop' })).toBeGreaterThan(ground({}));
    expect(ground({}, { ...bed, along: radians(15) })).toBeGreaterThan(ground({}));
    expect(ground({}, { ...bed, across: radians(-10) })).toBeGreaterThan(ground({}));
    const with15 = { ...bed, along: radians(15) };
    expect(ground({ bodyWithSlope: 0.95 }, with15)).toBeGreaterThan(
      ground({ bodyWithSlope: 0.2 }, with15),
    );
    const face = (deg: number): number => footingOf(aSplash(CLUB_56, deg), bed).face;
    expect(face(40)).toBeGreaterThan(face(0));
  });

  test('a swing as meant stays as meant however it is made', () => {
    const footing = footingOf(aSplash(CLUB_56, 30), { ...aBed('soft'), along: radians(10) });
    expect(madeWith(AS_MEANT, footing, { ...AS_MEANT })).toEqual(AS_MEANT);
  });
});

test('nothing about a swing is more exact for a weaker player', () => {
  const order = ['expert', 'good', 'middle', 'beginner'] as const;
  for (const name of ['mark', 'height', 'attack', 'speed', 'face', 'aim', 'tail'] as const) {
    const spreads = order.map((skill) => HABITS[skill][name]);
    expect([name, ...spreads]).toEqual([name, ...[...spreads].sort((a, b) => a - b)]);
  }
});
