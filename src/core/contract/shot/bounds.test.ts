import { number } from 'yup';
import { faultsOf } from '@/core/testing/faultsOf';
import { MOST_FAULTS, parseJson } from '../check/fault';
import { exactObject, listField, numberField, required, type Field } from '../check/fields';

test('of a list that is too long no item is looked at, wherever it stands', () => {
  let looked = 0;
  const counted = number().test('counted', () => {
    looked += 1;
    return true;
  });
  const list = listField(required(counted as Field<number>), 1, 100);
  const inObject = exactObject({ balls: required(list) });
  const zeros = new Array<number>(1_000_000).fill(0);
  expect(faultsOf(list, zeros)).toEqual([
    { path: 'input', message: 'must be a list of 1 to 100, not of 1000000' },
  ]);
  expect(faultsOf(inObject, { balls: zeros })).toEqual([
    { path: 'balls', message: 'must be a list of 1 to 100, not of 1000000' },
  ]);
  expect(looked).toBe(0);
  expect(faultsOf(inObject, { balls: [1, 2, 3] })).toEqual([]);
  expect(looked).toBe(3);
});

test('no more than twenty faults are told, and how many more there are', () => {
  const list = listField(required(numberField(0, 1)), 0, 500);
  const faults = faultsOf(
    list,
    Array.from({ length: 300 }, (_, i) => i + 2),
  );
  expect(faults).toHaveLength(MOST_FAULTS + 1);
  expect(faults[0]!.path).toBe('[0]');
  expect(faults.at(-1)).toEqual({ path: 'input', message: 'has 280 more faults than these' });
});

test('unknown keys without end are given up, and names of every object are unknown too', () => {
  const object = exactObject({ pin: numberField(0, 1) });
  const many = Object.fromEntries(Array.from({ length: 50_000 }, (_, i) => [`k${i}`, i]));
  expect(faultsOf(object, many).length).toBeLessThanOrEqual(MOST_FAULTS + 1);
  for (const key of ['constructor', 'toString', '__proto__', 'hasOwnProperty']) {
    const input = JSON.parse(`{"${key}": 1}`) as unknown;
    expect(faultsOf(object, input)).toEqual([
      { path: key, message: 'is not a field of this format' },
    ]);
  }
});

test('JSON that is nested deeper than any format is refused before it is parsed, brackets in text are not', () => {
  const deep = (levels: number): string => `${'['.repeat(levels)}${']'.repeat(levels)}`;
  expect(() => parseJson(deep(200_000))).toRefuse('input: must not be nested more than 32 deep');
  expect(() => parseJson(`{"a":${deep(32)}}`, 'file')).toRefuse('file: must not be nested');
  expect(parseJson(deep(32))).toBeDefined();
  expect(parseJson(JSON.stringify({ note: `"${deep(50)}\\"[` }))).toEqual({
    note: `"${deep(50)}\\"[`,
  });
});
