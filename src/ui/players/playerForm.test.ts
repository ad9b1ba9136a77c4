import { readPlayerRecord, type PlayerRecord } from '@/core/lesson/players/record';
import { formPath, fromForm, playerResolver, toForm } from './playerForm';

const record: PlayerRecord = {
  name: 'Ada Lund',
  handed: 'left',
  skill: 'good',
  cautions: ['back'],
  schools: [],
  techniques: { 'toe-in': 'knows', 'heel-first': 'learning' },
  notes: 'two\nlines',
  bag: [
    {
      name: '56',
      type: 'wedge',
      loft_deg: 56,
      bounce_deg: 12,
      stock_carry_yd: 82,
      sole_mm: 22,
      lie_deg: 64,
    },
  ],
};

const resolve = (values: ReturnType<typeof toForm>) =>
  playerResolver('yards')(values, undefined, { fields: {}, shouldUseNativeValidation: false });

test('a record goes into the form and comes out again, what is not shown included', () => {
  expect(readPlayerRecord(fromForm(toForm(record, 'yards'), 'yards'))).toEqual(record);
});

test('a technique that the player does not have yet is not said', () => {
  const form = toForm(record, 'yards');
  form.techniques = { 'toe-in': 'not-yet' };
  expect(readPlayerRecord(fromForm(form, 'yards'))).not.toHaveProperty('techniques');
});

test('a carry is typed in the units of the desk', () => {
  const form = toForm(record, 'metres');
  expect(form.bag[0]!.carry).toBe('75');
  const back = readPlayerRecord(fromForm(form, 'metres'));
  expect(back.bag[0]).toMatchObject({ stock_carry_m: 75 });
  expect(back.bag[0]).not.toHaveProperty('stock_carry_yd');
});

test('what cannot be read is told at its field, as it was typed', async () => {
  const form = toForm(record, 'yards');
  form.bag[0]!.loft = 'steep';
  form.bag[0]!.carry = '300';
  const { errors } = await resolve(form);
  expect(errors.bag?.[0]?.loft?.message).toMatch(/not "steep"/);
  const second = await resolve({ ...toForm(record, 'yards'), bag: [] });
  expect(second.errors.bag?.root?.message).toMatch(/list of 1 to 20/);
  form.bag[0]!.loft = '56,5';
  const third = await resolve(form);
  expect(third.errors.bag?.[0]?.carry?.message).toMatch(/at most 180/);
});

test('paths of the record lead to fields of the form', () => {
  expect(formPath('bag[2].stock_carry_m')).toBe('bag.2.carry');
  expect(formPath('bag[0].bounce_deg')).toBe('bag.0.bounce');
  expect(formPath('name')).toBe('name');
});
