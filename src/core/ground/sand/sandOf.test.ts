import fc from 'fast-check';
import { burialOf, LIES, nearestLie } from './lie';
import { presetSand, SAND_PRESETS, type Sand } from './presets';
import { firmnessOf, sandOf, sandOfFirmness } from './sandOf';

test('the scale of firmness passes through the presets', () => {
  for (const preset of ['powder', 'soft', 'medium', 'firm', 'wet'] as const) {
    expect(sandOfFirmness(firmnessOf(preset))).toEqual(presetSand(preset));
  }
  expect(firmnessOf('hardpan')).toBe(1);
  expect(sandOfFirmness(1)).toEqual(presetSand('wet'));
  expect(() => sandOfFirmness(1.01)).toThrow(RangeError);
  expect(() => sandOfFirmness(NaN)).toThrow(RangeError);
});

test('between two presets every quantity lies between theirs', () => {
  const between = sandOfFirmness(0.6);
  const medium = presetSand('medium');
  const firm = presetSand('firm');
  for (const key of Object.keys(between) as (keyof Sand)[]) {
    const [low, high] = [medium[key], firm[key]].sort((a, b) => a - b) as [number, number];
    expect(between[key]).toBeGreaterThanOrEqual(low);
    expect(between[key]).toBeLessThanOrEqual(high);
  }
});

test('water makes sand heavier, stronger and stickier', () => {
  const dry = sandOf({ preset: 'medium' });
  const wet = sandOf({ preset: 'medium', moisture: 1 });
  expect(wet.density).toBeGreaterThan(dry.density);
  expect(wet.strength).toBeGreaterThan(dry.strength);
  expect(wet.faceShear).toBeGreaterThan(dry.faceShear);
  expect(sandOf({ preset: 'medium', moisture: 0 })).toEqual(dry);
});

test('thin sand shows its base, deep sand does not, hardpan keeps its own', () => {
  expect(sandOf({ preset: 'soft', depth: 0.012 })).toMatchObject({
    baseDepth: 0.012,
    baseStiffness: 1e9,
  });
  expect(sandOf({ preset: 'soft', depth: 0.4 })).toEqual(presetSand('soft'));
  expect(sandOf({ preset: 'hardpan', depth: 0.02 })).toEqual(presetSand('hardpan'));
});

test('a crust looks dry and is stiff below', () => {
  const crust = sandOf({ preset: 'soft', crust: true });
  expect(crust.baseDepth).toBeCloseTo(0.01, 6);
  expect(crust.baseStiffness).toBeGreaterThan(1e7);
  expect(crust.settle).toBeCloseTo(0.004, 6);
  expect(sandOf({ preset: 'soft', crust: true, depth: 0.03 }).baseDepth).toBe(0.03);
});

test('a density that was measured counts', () => {
  expect(sandOf({ preset: 'medium', density: 1700 }).density).toBe(1700);
});

test('lies are steps of one depth, in order, and each is its own nearest', () => {
  for (const preset of SAND_PRESETS) {
    const sand = presetSand(preset);
    const depths = LIES.map((lie) => burialOf(lie, sand));
    expect([...depths].sort((a, b) => a - b)).toEqual(depths);
    LIES.forEach((lie, i) => expect(nearestLie(depths[i]!)).toBe(lie));
  }
});

test('the nearest lie never gets shallower as the ball goes deeper', () => {
  const depth = fc.double({ min: 0, max: 0.05, noNaN: true });
  fc.assert(
    fc.property(depth, depth, (a, b) => {
      const [shallow, deep] = a < b ? [a, b] : [b, a];
      return LIES.indexOf(nearestLie(shallow)) <= LIES.indexOf(nearestLie(deep));
    }),
  );
});
