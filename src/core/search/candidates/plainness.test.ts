import { radians } from '@/core/ground/units/angle';
import { BAG } from '@/core/testing/bench';
import { aPlayer, aShot, aSplash, CLUB_52, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { prescribe } from '../calls/prescribe';
import { schoolById } from '../schools/schools';
import { isUsual, pricesFor, PREFERENCE_STROKES, usualLoft } from './plainness';
import { TIE_STROKES } from './rank';

const shot = aShot(18, 2);
const player = aPlayer();
const plain = schoolById('parallel')!;

describe('the usual club', () => {
  test.each([
    ['8 yards: the most lofted', aShot(8, 2), 60],
    ['18 yards: 56', shot, 56],
    ['18 yards over 5 feet near by: the most lofted', aShot(18, 5, 8), 60],
    ['18 yards over 5 feet further off: 56', aShot(18, 5, 24), 56],
    ['36 yards: 54', aShot(36, 2, 10), 54],
    ['55 yards: a 9 iron or so', aShot(55, 2, 10), 42],
    ['buried: the most lofted', { ...shot, burial: 0.03 }, 60],
  ])('%s', (_, asked, loft) => expect(usualLoft(asked)).toBeCloseTo(loft, 6));

  test('moves smoothly: a foot of distance or an inch of lip is never a step', () => {
    for (let yards = 5; yards < 90; yards += 1 / 3) {
      expect(
        Math.abs(usualLoft(aShot(yards, 2)) - usualLoft(aShot(yards + 1 / 3, 2))),
      ).toBeLessThan(0.4);
    }
    for (let feet = 0; feet < 8; feet += 1 / 12) {
      expect(
        Math.abs(usualLoft(aShot(18, feet)) - usualLoft(aShot(18, feet + 1 / 12))),
      ).toBeLessThan(0.4);
    }
  });

  test('is the nearest of the bag, whatever the bag holds', () => {
    expect(
      BAG.filter((club) => isUsual(club, 'splash', BAG, shot)).map(({ name }) => name),
    ).toEqual(['56']);
    const two = [CLUB_60, CLUB_52].map((club) => ({ ...club }));
    expect(
      two.filter((club) => isUsual(club, 'splash', two, aShot(50, 2))).map(({ name }) => name),
    ).toEqual(['52']);
    expect(isUsual(CLUB_56, 'pick', BAG, shot)).toBe(false);
  });
});

describe('prices', () => {
  const price = pricesFor(player, shot);
  const at = (club = CLUB_56, faceDeg = 0, fraction = 0.7, past = 0, school = plain) =>
    price({ ...aSplash(club, faceDeg), fraction }, school, shot.pin + past);

  test('each departure costs more, and none of them much more than a tie', () => {
    const least = at();
    const dearer = [
      at(CLUB_60),
      at(CLUB_52),
      at(CLUB_56, 20),
      at(CLUB_56, 0, 0.9),
      at(CLUB_56, 0, 0.7, 3),
    ];
    for (const each of dearer) {
      expect(each).toBeGreaterThan(least);
      expect(each - least).toBeLessThan(1.5 * TIE_STROKES);
    }
    expect(at(CLUB_56, 0, 0.7, 0, schoolById('slide'))).toBeGreaterThan(least);
    expect(at(CLUB_56, 20)).toBeLessThan(at(CLUB_56, 30));
  });

  test('another club than the trusted one costs, however usual it is', () => {
    const trusting = pricesFor({ ...player, trusted: '52' }, shot);
    const of = (club: typeof CLUB_56) => trusting(aSplash(club, 0), plain, shot.pin);
    expect(of(CLUB_52)).toBeLessThan(of(CLUB_56));
    expect(of(CLUB_56)).toBeLessThan(of(CLUB_60));
    expect(
      pricesFor({ ...player, trusted: '99' }, shot)(aSplash(CLUB_56, 0), plain, shot.pin),
    ).toBeCloseTo(price(aSplash(CLUB_56, 0), plain, shot.pin), 12);
  });

  test('a preferred school is worth what it is said to be', () => {
    const liking = pricesFor(player, shot, ['parallel']);
    const setup = aSplash(CLUB_56, radians(0));
    expect(price(setup, plain, shot.pin) - liking(setup, plain, shot.pin)).toBeCloseTo(
      PREFERENCE_STROKES,
      12,
    );
  });
});

test('the trusted club is called where it does as well, and not where it does not', () => {
  const first = (trusted: string, asked = shot) =>
    prescribe({ player: { ...player, trusted }, shot: asked, seed: 3 }).calls[0]!.setup.club.name;
  const called = ['60', '56', '52'].filter((name) => first(name) === name);
  expect(called.length).toBeGreaterThan(1);
  expect(first('60', aShot(50, 2, 12))).not.toBe('60');
});

test('a school of the house is called where it costs little more', () => {
  const asked = { player, shot, seed: 3 };
  const school = prescribe(asked).calls[0]!.school.id;
  const other = school === 'parallel' ? 'neutral-release' : 'parallel';
  expect(prescribe({ ...asked, schools: [other] }).calls[0]!.school.id).toBe(other);
});
