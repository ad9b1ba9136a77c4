import { headNormals } from '@/core/ground/club/geometry';
import { arcThrough } from '@/core/ground/arc/arc';
import { CLUB_56 } from '@/core/testing/fixtures';
import { radians } from '@/core/ground/units/angle';
import { divotOf } from './divot';
import { passToBall, sandTool, STEPS } from './passage';
import { presetSand } from '@/core/ground/sand/presets';

const normals = headNormals(CLUB_56, { opening: radians(15), handleLowered: 0, shaftLean: 0 });
const tool = sandTool(normals, CLUB_56);
const arc = arcThrough(0.05, radians(11.5));

test('a splash in medium sand leaves a shallow mark and comes out of it', () => {
  const divot = divotOf(arc, 20, tool, presetSand('medium'));
  expect(divot.length).toBeGreaterThan(0.15);
  expect(divot.length).toBeLessThan(0.4);
  expect(divot.depth).toBeGreaterThan(0.008);
  expect(divot.depth).toBeLessThan(0.025);
  expect(divot.profile.at(-1)!).toBeLessThan(divot.depth);
});

test('the softer the sand, the deeper the mark', () => {
  const depths = (['hardpan', 'wet', 'firm', 'medium', 'soft'] as const).map(
    (name) => divotOf(arc, 20, tool, presetSand(name)).depth,
  );
  expect([...depths].sort((a, b) => a - b)).toEqual(depths);
});

test('sand takes speed from the head; none is taken when the ball is met first', () => {
  const sand = presetSand('medium');
  const through = passToBall(arc, 20, tool, sand, STEPS);
  expect(through.forward).toBeLessThan(20);
  expect(through.forward).toBeGreaterThan(10);
  const first = passToBall(arcThrough(-0.02, radians(4)), 20, tool, sand, STEPS);
  expect(Math.hypot(first.forward, first.down)).toBeCloseTo(20, 9);
  expect(first.swept).toBe(0);
});

test('many more steps move the head by little: the path is resolved', () => {
  const sand = presetSand('firm');
  const head = passToBall(arc, 25, tool, sand, STEPS);
  const halves = passToBall(arc, 25, tool, sand, 100);
  expect(Math.abs(head.depth - halves.depth)).toBeLessThan(2e-4);
});
