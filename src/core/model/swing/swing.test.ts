import fc from 'fast-check';
import { aBed, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { degrees, radians } from '@/core/ground/units/angle';
import { ARC_RADIUS, arcThrough, flooredAttack, visibleEdge } from '@/core/ground/arc/arc';
import { ballPositionForEntry, deliveryOf, holdOf, slopeWeight, type Setup } from './setup';
import { ballPositionFor, lowPointAheadOfBall, TECHNIQUE, TECHNIQUES } from './technique';

const bed = aBed('medium');

test('an arc enters the sand where and as steeply as it is asked to', () => {
  const path = 0.05;
  const attack = radians(11.5);
  const arc = arcThrough(path, attack);
  const depthAt = (x: number): number => arc.depth - (x - arc.lowPoint) ** 2 / (2 * ARC_RADIUS);
  expect(depthAt(-path)).toBeCloseTo(0, 12);
  const slope = (depthAt(-path + 1e-6) - depthAt(-path)) / 1e-6;
  expect(slope).toBeCloseTo(Math.tan(attack), 4);
});

test('an arc that runs deeper enters sooner: the shallower the swing, the more so', () => {
  const sooner = (deg: number): number => {
    const arc = arcThrough(0.05, radians(deg), 0.0026);
    return Math.sqrt(2 * ARC_RADIUS * arc.depth) - arc.lowPoint - 0.05;
  };
  expect(sooner(11.5) * 1000).toBeCloseTo(12.4, 1);
  expect(sooner(3.5) * 1000).toBeGreaterThan(30);
});

test('the visible edge is the chord of the ball at the surface, at most its radius', () => {
  expect(visibleEdge(0)).toBe(0);
  expect(visibleEdge(0.003) * 1000).toBeCloseTo(10.9, 1);
  expect(visibleEdge(0.04)).toBeCloseTo(0.0213, 3);
});

test('a floor keeps the attack above nothing, and leaves a splash alone', () => {
  expect(degrees(flooredAttack(radians(-10)))).toBeGreaterThan(0);
  expect(degrees(flooredAttack(radians(11.5)))).toBeCloseTo(11.5, 1);
});

test('ball position and low point are inverse for every technique', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...TECHNIQUES),
      fc.double({ min: 0, max: 100, noNaN: true }),
      fc.double({ min: 0.8, max: 1.5, noNaN: true }),
      fc.double({ min: 0.4, max: 0.8, noNaN: true }),
      (name, position, width, weight) => {
        const technique = TECHNIQUE[name];
        const low = lowPointAheadOfBall(technique, position, width, weight);
        return Math.abs(ballPositionFor(technique, low, width, weight) - position) < 1e-6;
      },
    ),
  );
});

const attackOf = (setup: Setup, where = bed): number => degrees(deliveryOf(setup, where).attack);

/** A splash with the ball where its mark asks for it on such a slope, the body going with so much of it. */
function onSlopeOf(deg: number, bodyWithSlope = 0.75): { ball: number; attack: number } {
  const slope = { ...bed, along: radians(deg) };
  const setup = { ...aSplash(CLUB_56, 15), bodyWithSlope };
  setup.ballPosition = ballPositionForEntry(setup, slope);
  return { ball: setup.ballPosition, attack: attackOf(setup, slope) };
}

test('the ball position of a mark gives the usual attack back', () => {
  expect(onSlopeOf(0).attack).toBeCloseTo(11.5, 1);
  expect(onSlopeOf(15).attack - 11.5).toBeLessThan(1);
});

test('down a slope the ball goes back and the head comes down over the hill; leaning into an up-slope drives it in', () => {
  const down = [0, -4, -8, -12].map((deg) => onSlopeOf(deg));
  expect(down.map(({ ball }) => ball)).toEqual(down.map(({ ball }) => ball).sort((a, b) => b - a));
  expect(down.at(-1)!.ball).toBeLessThan(45);
  expect(down.at(-1)!.attack).toBeGreaterThan(18);
  expect(onSlopeOf(10, 0.25).attack).toBeGreaterThan(onSlopeOf(10, 0.95).attack + 5);
});

test('a ball too far back is a steep and deep one, weight forward too', () => {
  const setup = aSplash(CLUB_56, 15);
  expect(attackOf({ ...setup, ballPosition: setup.ballPosition - 20 })).toBeGreaterThan(
    attackOf(setup) + 2,
  );
  expect(attackOf({ ...setup, weightLead: 0.75 })).toBeGreaterThan(attackOf(setup));
});

test('where the ground falls away the ball is played further back, where it rises further forward', () => {
  const position = (deg: number): number =>
    ballPositionForEntry(aSplash(CLUB_56, 15), { ...bed, along: radians(deg) });
  expect(position(-10)).toBeLessThan(position(0));
  expect(position(15)).toBeGreaterThan(position(0));
});

test('taught ball positions: splash inside the lead heel, plugged behind the middle, pick near it', () => {
  const position = (technique: Setup['technique'], change: Partial<Setup>, where = bed): number =>
    ballPositionForEntry({ ...aSplash(CLUB_56, 0), technique, ...change }, where);
  expect(position('splash', {})).toBeGreaterThan(64);
  expect(position('splash', {})).toBeLessThan(92);
  const plugged = position('chop', { weightLead: 0.7, stanceWidth: 1.3 }, aBed('medium', 28));
  expect(plugged).toBeGreaterThan(28);
  expect(plugged).toBeLessThan(52);
  const pick = position('pick', { entry: -0.008, weightLead: 0.53, stanceWidth: 1.1 });
  expect(pick).toBeGreaterThan(48);
  expect(pick).toBeLessThan(62);
});

test('a slope moves the weight: back on an up-slope, forward on a down-slope', () => {
  expect(slopeWeight(0.75, { ...bed, along: radians(15) })).toBeLessThan(-0.1);
  expect(slopeWeight(0.75, { ...bed, along: radians(-10) })).toBeGreaterThan(0.05);
});

test('what the body does not follow of a slope leans the shaft, seen from the slope', () => {
  const setup = { ...aSplash(CLUB_56, 0), bodyWithSlope: 0.25 };
  const slope = { ...bed, along: radians(20) };
  expect(degrees(holdOf(setup, slope).shaftLean)).toBeCloseTo(15, 6);
});
