import { oddNumbers } from '@/core/testing/oddNumbers';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { answer } from '@/core/tell/answer/answer';
import { toMetres } from '@/core/ground/units/length';
import { sayFaults, type SaidFault } from '@/core/tell/facts/faultWords';
import { FaultyInput } from '../check/fault';
import { readSituation } from './situation';

type Json = Record<string, unknown>;

const example = (): Json & { player: Json & { bag: Json[] }; shot: Json } =>
  JSON.parse(readFileSync('examples/greenside.json', 'utf8'));

function faults(input: unknown): readonly SaidFault[] {
  try {
    readSituation(input);
    return [];
  } catch (error) {
    if (error instanceof FaultyInput) return sayFaults(error.faults);
    throw error;
  }
}

const withShot = (change: Json): Json => {
  const situation = example();
  return { ...situation, shot: { ...situation.shot, ...change } };
};

test('the example is usable, in SI units within', () => {
  const { question } = readSituation(example());
  expect(question.shot.pin).toBeCloseTo(toMetres(18, 'yd'), 9);
  expect(question.shot.lip.height).toBeCloseTo(toMetres(3, 'ft'), 9);
  expect(question.player.bag).toHaveLength(9);
});

test.each<[string, Json, RegExp]>([
  ['shot.pin_yd', { pin_yd: 'far' }, /number from .* yd, not "far"/],
  ['shot.pin_yd', { pin_yd: -4 }, /not -4/],
  ['shot.lip.height_ft', { lip: { height_ft: 400, distance_ft: 8 } }, /from 0 to 19 ft, not 400/],
  ['shot.lip.distance', { lip: { height_ft: 3 } }, /is required/],
  ['shot.lip.distance_ft', { lip: { height_ft: 3, distance_ft: 60 } }, /before the front edge/],
  ['shot.edge_yd', { edge_yd: 25 }, /past the flag/],
  ['shot.back_yd', { back_yd: 10 }, /before the flag/],
  ['shot.pin_m', { pin_m: 16 }, /keep one/],
  ['shot.colour', { colour: 'red' }, /not a field/],
  ['shot.sand.preset', { sand: { preset: 'snow' } }, /must be one of powder/],
  ['shot.sand', { sand: null }, /must be an object, not null/],
])('%s is refused by its path', (path, change, message) => {
  const found = faults(withShot(change)).find((fault) => fault.path === path);
  expect(found?.message).toMatch(message);
});

test('a bag of none, an unknown skill and a club named twice are refused', () => {
  const situation = example();
  const bag = situation.player.bag;
  expect(faults({ ...situation, player: { ...situation.player, bag: [] } })[0]!.path).toBe(
    'player.bag',
  );
  expect(
    faults({ ...situation, player: { ...situation.player, skill: 'pro' } })[0]!.message,
  ).toMatch(/expert, good, middle, beginner/);
  const twice = { ...situation, player: { ...situation.player, bag: [bag[0], bag[0]] } };
  expect(faults(twice)[0]).toEqual({
    path: 'player.bag[1].name',
    message: '"60" is in the bag twice',
  });
});

test('what is not an object at all is refused too', () => {
  for (const input of [null, undefined, 3, 'text', [], true]) {
    expect(faults(input).length).toBeGreaterThan(0);
  }
});

test('odd input never throws anything but a fault', () => {
  fc.assert(
    fc.property(
      fc.jsonValue(),
      fc.constantFrom('player', 'shot', 'seed', 'prefer'),
      (value, key) => {
        return Array.isArray(faults({ ...example(), [key]: value }));
      },
    ),
    { numRuns: 300 },
  );
});

test('missing edges are taken for granted, and said so', () => {
  const situation = example();
  const { question, notes } = readSituation({ ...situation, shot: { pin_m: 20 } });
  expect(question.shot.edge).toBeLessThan(20);
  expect(notes).toHaveLength(3);
});

test('an answer is the same to the byte for the same seed, and carries what the format asks', () => {
  const once = answer(example(), 'yards', () => 0);
  expect(JSON.stringify(once)).toBe(JSON.stringify(answer(example(), 'yards', () => 0)));
  const [call] = once.sheet.calls;
  expect(call).toMatchObject({ rank: 1, kind: 'splash', finish: 'full' });
  expect(call!.predicted.carry_m).toBeCloseTo(toMetres(call!.predicted.carry_yd, 'yd'), 1);
  expect(once.pictures).toHaveLength(3);
  expect(oddNumbers(once)).toEqual([]);
});

test('a left-hander gets the mirrored aim and clock, and the same odds', () => {
  const situation = example();
  const right = answer(situation, 'yards', () => 0).sheet.calls[0]!;
  const left = answer(
    { ...situation, player: { ...situation.player, handed: 'left' } },
    'yards',
    () => 0,
  ).sheet.calls[0]!;
  expect(left.aim_deg).toBeCloseTo(-right.aim_deg, 9);
  expect(left.odds).toEqual(right.odds);
});
