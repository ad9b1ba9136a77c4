import fc from 'fast-check';
import { METRES_PER, type LengthUnit } from '@/core/ground/units/length';
import { faultsOf as faults } from '@/core/testing/faultsOf';
import { quoted } from './fault';
import {
  exactObject,
  flagField,
  integerField,
  lengthFields,
  lengthOf,
  listField,
  numberField,
  required,
  textField,
  wordField,
  type Field,
} from './fields';
import { jsonSchemaOf, jsonSchemaOfSamples } from './jsonSchema';

const one = (field: Field<unknown>) => exactObject({ x: field });

describe('fields', () => {
  test.each<[string, Field<unknown>, unknown, RegExp]>([
    ['number', numberField(1, 5, 'deg'), 7, /number from 1 to 5 deg, not 7/],
    ['number', numberField(1, 5), '3', /not "3"/],
    ['number', numberField(1, 5), NaN, /number from 1 to 5/],
    ['number', numberField(1, 5), null, /not null/],
    ['integer', integerField(0, 9), 2.5, /whole number from 0 to 9, not 2.5/],
    ['word', wordField(['a', 'b']), 'c', /one of a, b, not "c"/],
    ['word', wordField(['a', 'b']), 3, /not 3/],
    ['text', textField(1, 4), '', /text of 1 to 4 characters/],
    ['text', textField(1, 4), 'long text', /not "long text"/],
    ['text', textField(1, 9), 'a\u0007b', /text|match/i],
    ['flag', flagField(), 'yes', /true or false, not "yes"/],
    ['list', listField(numberField(0, 1), 1, 2), [], /list of 1 to 2, not of 0/],
    ['list', listField(numberField(0, 1), 1, 2), 'x', /list of 1 to 2, not "x"/],
  ])('a bad %s says what is allowed and what was given', (_, field, value, message) => {
    const [fault] = faults(one(field), { x: value });
    expect(fault!.path).toBe('x');
    expect(fault!.message).toMatch(message);
  });

  test('an item of a list is named by its place', () => {
    const schema = exactObject({ list: listField(numberField(0, 1), 0, 5) });
    expect(faults(schema, { list: [0.5, 7, 'x'] }).map(({ path }) => path)).toEqual([
      'list[1]',
      'list[2]',
    ]);
  });

  test('all faults are told at once, each once', () => {
    const schema = exactObject({ a: required(numberField(0, 1)), b: required(wordField(['x'])) });
    expect(
      faults(schema, { b: 'y', c: 1 })
        .map(({ path }) => path)
        .sort(),
    ).toEqual(['a', 'b', 'c']);
  });

  test('long values are cut short in messages', () => {
    expect(quoted('x'.repeat(200)).length).toBeLessThanOrEqual(40);
    expect(quoted(undefined)).toBe('undefined');
  });
});

describe('lengths', () => {
  const units = Object.keys(METRES_PER) as LengthUnit[];

  test('a length in any unit comes back in metres', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.double({ min: 0.01, max: 1000, noNaN: true }),
        (unit, value) => {
          const metres = lengthOf({ [`pin_${unit}`]: value }, 'pin')!;
          return Math.abs(metres - value * METRES_PER[unit]) < 1e-9 * Math.max(1, metres);
        },
      ),
    );
    expect(lengthOf({}, 'pin')).toBeUndefined();
    expect(lengthOf({ pinion_m: 3 }, 'pin')).toBeUndefined();
  });

  test('limits are told in the unit that was used', () => {
    const schema = exactObject({}, { lengths: { pin: { low: 1, high: 100 } } });
    expect(faults(schema, { pin_yd: 500 })[0]!.message).toMatch(/from 1.1 to 109 yd/);
    expect(faults(schema, { pin_cm: 5 })[0]!.message).toMatch(/from 100 to 10000 cm/);
    // Whatever is said to be allowed is.
    for (const pin_yd of [1.1, 109]) expect(faults(schema, { pin_yd })).toEqual([]);
    expect(Object.keys(lengthFields('pin', 1, 2))).toHaveLength(units.length);
  });

  test('two units for one length, and a required one missing, are faults', () => {
    const schema = exactObject({}, { lengths: { pin: { low: 1, high: 100, required: true } } });
    expect(faults(schema, { pin_yd: 5, pin_m: 5 })[0]).toMatchObject({ path: 'pin_m' });
    expect(faults(schema, {})[0]).toMatchObject({ path: 'pin' });
  });
});

describe('JSON Schemas', () => {
  const schema = exactObject(
    {
      name: required(textField(1, 9)),
      kind: wordField(['a', 'b']),
      many: listField(integerField(0, 4), 1, 3),
      flag: flagField(),
    },
    { lengths: { pin: { low: 1, high: 100, required: true }, lip: { low: 0, high: 2 } } },
  );

  test('say what the checkers say', () => {
    const told = jsonSchemaOf(schema, 'A thing') as Record<string, never>;
    expect(told).toMatchObject({
      title: 'A thing',
      type: 'object',
      additionalProperties: false,
      required: ['name'],
      properties: {
        name: { type: 'string', minLength: 1, maxLength: 9 },
        kind: { enum: ['a', 'b'] },
        many: { type: 'array', items: { type: 'integer', minimum: 0, maximum: 4 }, maxItems: 3 },
        flag: { type: 'boolean' },
        pin_m: { type: 'number', minimum: 1, maximum: 100 },
      },
    });
    expect(told.allOf as unknown).toHaveLength(2);
  });

  test('of samples: what all have is required, what is null may be', () => {
    const told = jsonSchemaOfSamples(
      [
        { a: 1, b: null },
        { a: 2, b: 'x', c: [true] },
      ],
      'S',
    );
    expect(told).toMatchObject({
      required: ['a', 'b'],
      properties: {
        a: { type: 'number' },
        b: { type: ['string', 'null'] },
        c: { type: 'array', items: { type: 'boolean' } },
      },
    });
  });
});
