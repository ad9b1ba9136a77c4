import fc from 'fast-check';
import { BALL_MASS } from '@/core/ground/ball/ball';
import { fly } from '../flight/fly';
import { NO_WIND } from '@/core/ground/situation/wind';
import { grassCarry, lengthFactor, referenceHeadSpeed } from '../golfer/headSpeed';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { AS_MEANT } from '../swing/swingError';
import { intentOf, strike, swingWith } from '../shot/strike';
import { samplerOf } from '@/core/ground/numeric/sampling';
import { CLUB_56, aBed, aPlayer, aSplash } from '@/core/testing/fixtures';
import { degrees } from '@/core/ground/units/angle';
import { sandOf } from '@/core/ground/sand/sandOf';
import type { Setup } from '../swing/setup';
import { TECHNIQUES } from '../swing/technique';

const speed = referenceHeadSpeed(aPlayer());

/** Carry, launch and spin of a set-up as meant, on level ground. */
function shotOf(setup: Setup, sandName: (typeof SAND_PRESETS)[number] = 'medium', burial?: number) {
  const bed = { ...aBed(sandName), ...(burial === undefined ? {} : { burial }) };
  const { launch, head } = strike(setup, AS_MEANT, speed, bed);
  const { landing } = fly(launch, 0, 0, NO_WIND);
  return {
    carry: Math.hypot(landing.x, landing.y),
    launchDeg: degrees(Math.atan2(launch.vz, Math.hypot(launch.vx, launch.vy))),
    rpm: (Math.hypot(launch.wx, launch.wy, launch.wz) * 30) / Math.PI,
    launch,
    head,
  };
}

const grass = (setup: Setup): number =>
  grassCarry(setup.club, speed * lengthFactor(setup.club, 0) * setup.fraction, 'middle');

test.each([10, 15, 25])(
  'a splash %p degrees open carries about a third of the grass swing',
  (open) => {
    const setup = aSplash(CLUB_56, open);
    const ratio = shotOf(setup).carry / grass(setup);
    expect(ratio).toBeGreaterThan(0.27);
    expect(ratio).toBeLessThan(0.37);
  },
);

test('a 12 yard splash starts at 40 to 52 degrees with some spin', () => {
  const ball = shotOf(aSplash(CLUB_56, 15, 0.04, 0.65));
  expect(ball.launchDeg).toBeGreaterThan(40);
  expect(ball.launchDeg).toBeLessThan(52);
  expect(ball.rpm).toBeGreaterThan(1100);
  expect(ball.rpm).toBeLessThan(4000);
});

test('twice the sand costs a third of the carry or more', () => {
  const near = shotOf(aSplash(CLUB_56, 15, 0.04)).carry;
  const far = shotOf(aSplash(CLUB_56, 15, 0.08)).carry;
  expect(1 - far / near).toBeGreaterThan(0.3);
  expect(1 - far / near).toBeLessThan(0.45);
});

test('firmer sand sends the same splash longer and lower', () => {
  const balls = (['soft', 'medium', 'firm', 'wet'] as const).map((sand) =>
    shotOf(aSplash(CLUB_56, 15), sand),
  );
  for (let i = 1; i < balls.length; i++) {
    expect(balls[i]!.carry).toBeGreaterThan(balls[i - 1]!.carry);
    expect(balls[i]!.launchDeg).toBeLessThan(balls[i - 1]!.launchDeg);
  }
});

test('the open face starts the ball on the trail side; square starts it straight', () => {
  expect(shotOf(aSplash(CLUB_56, 25)).launch.vy).toBeLessThan(0);
  expect(Math.abs(shotOf(aSplash(CLUB_56, 0)).launch.vy)).toBeLessThan(1e-9);
});

test('a clean strike from grass gives back the stock carry, and carry rises with speed', () => {
  expect(grassCarry(CLUB_56, speed * lengthFactor(CLUB_56, 0), 'middle')).toBeCloseTo(
    CLUB_56.stockCarry!,
    2,
  );
  const carries = [15, 20, 25, 30, 35].map((v) => grassCarry(CLUB_56, v, 'middle'));
  expect([...carries].sort((a, b) => a - b)).toEqual(carries);
});

test('one odd stock carry does not move the head speed', () => {
  const bag = [82, 92, 72].map((carry, i) => ({
    ...CLUB_56,
    name: String(i),
    loft: CLUB_56.loft + [0, -0.07, 0.07][i]!,
    stockCarry: carry * 0.9144,
  }));
  const odd = [...bag, { ...CLUB_56, name: 'typo', stockCarry: 300 }];
  const plain = referenceHeadSpeed(aPlayer('middle', bag));
  expect(Math.abs(referenceHeadSpeed(aPlayer('middle', odd)) / plain - 1)).toBeLessThan(0.05);
});

test('the deeper the ball, the less it carries, and the less it spins', () => {
  const balls = [3, 9, 18].map((mm) => shotOf(aSplash(CLUB_56, 0), 'medium', mm / 1000));
  for (let i = 1; i < balls.length; i++) {
    expect(balls[i]!.carry).toBeLessThan(balls[i - 1]!.carry);
    expect(balls[i]!.rpm).toBeLessThan(balls[i - 1]!.rpm);
  }
});

test('carry has no jumps in the mark, the height, the swing or the face', () => {
  const scans: ((u: number) => number)[] = [
    (u) => shotOf(aSplash(CLUB_56, 15, 0.02 + 0.06 * u)).carry,
    (u) => shotOf(aSplash(CLUB_56, 15, 0.04, 0.3 + 0.7 * u)).carry,
    (u) => shotOf(aSplash(CLUB_56, 45 * u)).carry,
    (u) => shotOf({ ...aSplash(CLUB_56, 15), dig: 0.01 + 0.02 * u }).carry,
  ];
  for (const scan of scans) {
    const values = Array.from({ length: 1000 }, (_, i) => scan(i / 999));
    const second = values.slice(2).map((v, i) => Math.abs(v - 2 * values[i + 1]! + values[i]!));
    expect(Math.max(...second)).toBeLessThan(0.3);
  }
});

test('whatever the set-up and the error, numbers stay finite and energy is never gained', () => {
  const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom(...SAND_PRESETS),
      within(-40, 45),
      within(-0.02, 0.15),
      within(0.2, 1),
      within(0, 0.05),
      within(-0.08, 0.08),
      within(-0.02, 0.02),
      (sandName, open, entry, fraction, burial, mark, height) => {
        const error = { ...AS_MEANT, mark, height };
        const { launch } = strike(aSplash(CLUB_56, open, entry, fraction), error, speed, {
          ...aBed(sandName),
          burial,
        });
        const v2 = launch.vx ** 2 + launch.vy ** 2 + launch.vz ** 2;
        const headEnergy = 0.34 * (speed * fraction) ** 2;
        return (
          Number.isFinite(v2 + launch.wx + launch.wy + launch.wz) &&
          BALL_MASS * v2 < 0.4 * headEnergy
        );
      },
    ),
    { numRuns: 2000 },
  );
});

describe('limits', () => {
  test('no sand between them is a clean strike', () => {
    const first = { ...aSplash(CLUB_56, 0, -0.012, 0.8), dig: 0.018 };
    expect(shotOf(first, 'hardpan', 0).launch.cleanness).toBeGreaterThan(0.95);
  });

  test('far too much sand stops the club: the ball stays', () => {
    const { launch } = shotOf(aSplash(CLUB_56, 0, 0.6), 'wet');
    expect(Math.hypot(launch.vx, launch.vy, launch.vz)).toBeLessThan(0.5);
  });

  test("the ball never has more than 0.4 of the head's energy", () => {
    const v = 35;
    const { launch } = strike(aSplash(CLUB_56, 0, -0.01), AS_MEANT, v, aBed('firm'));
    const ball = BALL_MASS * (launch.vx ** 2 + launch.vy ** 2 + launch.vz ** 2);
    expect(ball).toBeLessThan(0.4 * CLUB_56.headMass * v ** 2);
  });
});

test('no technique, slope, sand, lie or error throws the numbers off: 20,000 odd swings', () => {
  const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({
        technique: fc.constantFrom(...TECHNIQUES.filter((name) => name !== 'putt')),
        opening: within(-1, 0.8),
        handleLowered: within(-0.15, 0.25),
        shaftLean: within(-0.2, 0.3),
        release: within(-0.3, 0.3),
        ballPosition: within(0, 110),
        stanceWidth: within(0.6, 1.8),
        weightLead: within(0.25, 0.9),
        bodyWithSlope: within(0, 1),
        entry: within(-0.03, 0.15),
        dig: within(0, 0.05),
        gripDown: within(0, 0.1),
        fraction: within(0.05, 1),
      }),
      fc.record({ firmness: within(0, 1), moisture: within(0, 1), depth: within(0.003, 0.2) }),
      fc.record({
        burial: within(0, 0.05),
        along: within(-0.45, 0.6),
        across: within(-0.45, 0.45),
      }),
      fc.record({
        mark: within(-0.1, 0.1),
        height: within(-0.03, 0.03),
        attack: within(-0.2, 0.2),
        speed: within(0.2, 1.6),
        face: within(-0.4, 0.4),
        aim: within(-0.2, 0.2),
      }),
      (change, reading, lie, error) => {
        const bed = { sand: sandOf({ preset: 'medium', ...reading }), ...lie };
        const { launch, head } = strike({ ...aSplash(CLUB_56, 0), ...change }, error, speed, bed);
        const { landing } = fly(launch, 0.5, 2, NO_WIND);
        const numbers = [launch.vx, launch.vy, launch.vz, launch.wx, launch.wy, launch.wz];
        const all = [...numbers, head.depth, head.forward, landing.x, landing.y, landing.t];
        return all.every(Number.isFinite) && Math.hypot(landing.x, landing.y) < 250;
      },
    ),
    { numRuns: 20_000, seed: 4 },
  );
});

test('sand gives nothing to a head, however far behind the ball it goes in', () => {
  const { normal } = samplerOf(4);
  const intent = intentOf(aSplash(CLUB_56, 30), 30, aBed('medium'));
  for (let k = 0; k < 20_000; k++) {
    const speed = Math.min(1.6, Math.max(0.2, normal(0.6, 0.35)));
    const { head } = swingWith(intent, {
      mark: normal(0.12, 0.03),
      height: normal(0.01, 0.015),
      attack: normal(0.15, 0.04),
      speed,
      face: normal(0.5, 0.1),
      aim: 0,
    });
    expect(head.forward).toBeLessThanOrEqual(intent.speed * speed);
  }
});
