import { sayFact } from '@/core/tell/facts/sayFact';
import { AS_MEANT } from '../swing/swingError';
import { presetSand, SAND_PRESETS } from '@/core/ground/sand/presets';
import { aShot } from '@/core/testing/fixtures';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { puttFinish } from './putt';
import { puttFault, rollDistance, sandRollingDrag, type PuttGround } from './roll';

const ground: PuttGround = {
  lipHeight: 0.1,
  lipDistance: 2,
  edge: 3,
  sand: presetSand('firm'),
  green: { stimp: toMetres(10, 'ft'), slope: 0, firmness: 'medium' },
};

test('softer sand slows a rolling ball more', () => {
  const drags = SAND_PRESETS.map((preset) => sandRollingDrag(presetSand(preset)));
  expect([...drags].sort((a, b) => b - a)).toEqual(drags);
  expect(drags.at(-1)!).toBeLessThan(2);
});

test('too slow a putt stays in the sand, a faster one runs on, further for more speed', () => {
  expect(rollDistance(1, ground).out).toBe(false);
  const rolls = [4, 5, 6, 7].map((v) => rollDistance(v, ground));
  expect(rolls.every(({ out }) => out)).toBe(true);
  for (let i = 1; i < rolls.length; i++) {
    expect(rolls[i]!.distance).toBeGreaterThan(rolls[i - 1]!.distance);
  }
});

test('roll is continuous in speed where it leaves the fringe', () => {
  const distances = Array.from({ length: 400 }, (_, i) => rollDistance(3.5 + i * 0.01, ground));
  const out = distances.filter((each) => each.out).map(({ distance }) => distance);
  out.slice(1).forEach((d, i) => expect(d - out[i]!).toBeLessThan(0.25));
});

test('a climb and a downhill green count', () => {
  const at = (change: Partial<PuttGround>): number =>
    rollDistance(6, { ...ground, ...change }).distance;
  expect(at({ lipHeight: 0.3 })).toBeLessThan(at({}));
  const tilted = (deg: number): PuttGround['green'] => ({ ...ground.green, slope: radians(deg) });
  expect(at({ green: tilted(-2) })).toBeGreaterThan(at({}));
  expect(at({ green: tilted(2) })).toBeLessThan(at({}));
});

test.each<[string, Partial<PuttGround>, number, RegExp | null]>([
  ['firm sand, hardly a lip', {}, 0.002, null],
  ['a ball that sits down', {}, 0.01, /does not sit on top/],
  ['soft sand', { sand: presetSand('powder') }, 0.003, /too soft/],
  ['a lip', { lipHeight: 0.8 }, 0.002, /lip stops/],
  ['a wide bunker', { lipDistance: 12 }, 0.002, /too much sand/],
])('%s', (_, change, burial, reason) => {
  const fault = puttFault({ ...ground, ...change }, burial);
  if (reason === null) expect(fault).toBeNull();
  else expect(sayFact(fault!)).toMatch(reason);
});

test('a putt goes where it is aimed, and a turned one aside', () => {
  const shot = aShot(14, 0.3, 6, 'firm');
  const straight = puttFinish(0.6, AS_MEANT, 0, shot);
  expect(straight.y).toBe(0);
  expect(straight.carry).toBe(0);
  expect(puttFinish(0.6, { ...AS_MEANT, aim: 0.05 }, 0, shot).y).toBeGreaterThan(0);
  expect(puttFinish(0.6, { ...AS_MEANT, speed: 1.2 }, 0, shot).x).toBeGreaterThan(straight.x);
});
