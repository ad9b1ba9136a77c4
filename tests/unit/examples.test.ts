import { oddNumbers } from '@/core/testing/oddNumbers';
import { readFileSync, readdirSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { answer } from '@/core/tell/answer/answer';
import { simulate } from '@/core/tell/answer/simulation';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import { jsonSchemaOf } from '@/core/contract/check/jsonSchema';
import { simulationSchema } from '@/core/contract/shot/setup';
import { situationSchema } from '@/core/contract/shot/situation';

const read = (file: string): Record<string, unknown> => JSON.parse(readFileSync(file, 'utf8'));
const schema = (name: string): object => read(`docs/schemas/${name}.schema.json`);
const ajv = new Ajv({ allErrors: true, strict: false });
const valid = ajv.compile(schema('situation'));
const told = ajv.compile(schema('call-sheet'));
const situations = readdirSync('examples').filter((file) => file.endsWith('.json'));

/** What a good coach would nod at, for each family: kinds that the first call may have. */
const NODDED: Record<string, readonly string[]> = {
  greenside: ['splash'],
  'short-sided-high-lip': ['splash'],
  'long-splash': ['long-splash'],
  'in-between': ['pick', 'long-splash'],
  fairway: ['pick'],
  'sitting-down': ['splash'],
  'fried-egg': ['dig'],
  plugged: ['dig'],
  buried: ['dig', 'out-sideways'],
  'plugged-under-the-lip': ['dig'],
  hardpan: ['splash', 'putt', 'chip'],
  'wet-packed': ['splash'],
  'crust-over-wet': ['splash'],
  'up-slope': ['splash'],
  'down-slope': ['splash'],
  'ball-above-feet': ['splash'],
  'ball-below-feet': ['splash'],
  'putter-from-sand': ['putt'],
  'chip-and-run': ['chip', 'putt', 'splash'],
  'hopeless-lip': ['out-sideways', 'relief'],
  'water-behind': ['splash'],
  'left-hander-in-metres': ['splash'],
  'powder-little-bounce': ['splash'],
  'powder-much-bounce': ['splash'],
  'wet-little-bounce': ['splash'],
  'wet-much-bounce': ['splash'],
  'soft-two-soles': ['splash'],
  'firm-two-soles': ['splash'],
  'thin-over-base': ['splash', 'chip'],
  'buried-in-firm-sand': ['dig'],
  'plugged-in-soft-sand': ['dig'],
};

test('the published schemas are those of the checkers', () => {
  expect(schema('situation')).toEqual(
    JSON.parse(
      JSON.stringify(jsonSchemaOf(situationSchema, 'Situation, mellow-divot/situation version 1')),
    ),
  );
});

describe.each(situations)('%s', (file) => {
  const situation = read(`examples/${file}`);
  let sheet: CallSheet;
  beforeAll(() => {
    sheet = answer(situation, 'yards', () => 0).sheet;
  });

  test('fits the schema, and its call sheet too', () => {
    expect([valid(situation), valid.errors]).toEqual([true, null]);
    expect([told(JSON.parse(JSON.stringify(sheet))), told.errors]).toEqual([true, null]);
  });

  test('gets a call that a good coach would nod at, the best first', () => {
    const [first] = sheet.calls;
    expect(NODDED[file.replace('.json', '')]).toContain(first!.kind);
    expect(sheet.calls.map(({ rank }) => rank)).toEqual(sheet.calls.map((_, i) => i + 1));
    expect(oddNumbers(sheet)).toEqual([]);
  });
});

test('schemas refuse what the checkers refuse: two units for a length, unknown fields', () => {
  const valid = ajv.compile(jsonSchemaOf(situationSchema, 'x'));
  const situation = read('examples/greenside.json') as { shot: object };
  expect(valid({ ...situation, shot: { ...situation.shot, pin_m: 16 } })).toBe(false);
  expect(valid({ ...situation, colour: 'red' })).toBe(false);
  expect(valid({ ...situation, shot: {} })).toBe(false);
});

test('a set-up is simulated, the same as the schema says, and its faults are named', () => {
  const request = read('examples/simulate/splash-56.json') as { setup: object };
  const asks = ajv.compile(jsonSchemaOf(simulationSchema, 'x'));
  expect([asks(request), asks.errors]).toEqual([true, null]);
  const answered = simulate(request);
  const told = ajv.compile(schema('simulation'));
  expect([told(answered), told.errors]).toEqual([true, null]);
  expect(answered.predicted.carry_yd).toBeGreaterThan(8);
  expect(() => simulate({ ...request, setup: { ...request.setup, club: '99' } })).toRefuse(
    /setup.club: must be a club in the bag/,
  );
  expect(() => simulate({ ...request, setup: undefined })).toRefuse(/setup: is required/);
});

test('set-ups that are simulated: an open face with much bounce is thin from hard sand, little bounce heavy in soft', () => {
  const odds = (name: string) => simulate(read(`examples/simulate/${name}.json`)).odds;
  for (const sand of ['firm', 'wet']) {
    const open = odds(`${sand}-open-much-bounce`).thin;
    expect(open - odds(`${sand}-square-little-bounce`).thin).toBeGreaterThan(0.05);
  }
  const little = odds('soft-square-little-bounce').fat;
  expect(little).toBeGreaterThan(odds('soft-square-much-bounce').fat);
});

test('a call played again as a set-up does what the call says', () => {
  const situation = read('examples/greenside.json');
  const call = answer(situation, 'yards', () => 0).sheet.calls[0]!;
  const again = simulate({
    ...situation,
    setup: {
      school: call.school,
      club: call.club,
      face_deg: call.face_deg,
      stance_width: call.stance_width,
      weight_lead: call.weight_lead,
      entry_in: call.entry_in,
      swing_fraction: call.swing_fraction,
    },
  });
  expect(Math.abs(again.predicted.carry_yd - call.predicted.carry_yd)).toBeLessThan(0.7);
  expect(Math.abs(again.odds.expected_strokes - call.odds.expected_strokes)).toBeLessThan(0.08);
});
