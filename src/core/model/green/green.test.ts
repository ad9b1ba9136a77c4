import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { bounceAndRun, turfOf } from './bounceAndRun';
import { rollingDrag } from './surface';
import type { Green } from '@/core/ground/situation/green';

const green: Green = { stimp: toMetres(10, 'ft'), slope: 0, firmness: 'medium' };
const rpm = (n: number): number => (n * Math.PI) / 30;

test('a ball released at the speed of the ramp rolls the stimp', () => {
  const v = 1.83;
  const rollingSpin = -v / 0.021335;
  expect(bounceAndRun(v, 0, rollingSpin, turfOf(green))).toBeCloseTo(green.stimp, 2);
  expect(rollingDrag(green.stimp)).toBeCloseTo(0.549, 3);
});

test('spin stops a ball, and enough of it brings it back', () => {
  const runs = [0, 2000, 4000, 9000].map((spin) => bounceAndRun(8, 9, rpm(spin), turfOf(green)));
  expect([...runs].sort((a, b) => b - a)).toEqual(runs);
  expect(runs[3]).toBeLessThan(0.5);
});

test('faster, firmer and downhill greens run more', () => {
  const run = bounceAndRun(8, 8, rpm(1500), turfOf(green));
  expect(
    bounceAndRun(8, 8, rpm(1500), turfOf({ ...green, stimp: toMetres(13, 'ft') })),
  ).toBeGreaterThan(run);
  expect(bounceAndRun(8, 8, rpm(1500), turfOf({ ...green, firmness: 'firm' }))).toBeGreaterThan(
    run,
  );
  expect(bounceAndRun(8, 8, rpm(1500), turfOf({ ...green, slope: radians(-2) }))).toBeGreaterThan(
    run,
  );
  expect(bounceAndRun(8, 8, rpm(1500), turfOf({ ...green, slope: radians(2) }))).toBeLessThan(run);
});

test('a ball that drops dead stays', () => {
  expect(bounceAndRun(0, 0, 0, turfOf(green))).toBe(0);
});
