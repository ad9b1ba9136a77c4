import { faultsOf } from '@/core/testing/faultsOf';
import { proseField, required, textField } from './fields';
import { dayField, timeField } from './ids';

const refused = (field: typeof dayField, input: unknown): boolean =>
  faultsOf(required(field), input).length === 1;

test.each(['2026-02-28', '2024-02-29', '1999-12-31'])('%s is a day', (day) => {
  expect(refused(dayField, day)).toBe(false);
});

test.each(['2026-02-30', '2025-02-29', '2026-13-01', '0000-01-01', '2026-1-1', 'today', ''])(
  '%p is no day',
  (day) => {
    expect(refused(dayField, day)).toBe(true);
  },
);

test.each(['2026-05-02T10:00:00Z', '2026-05-02T10:00+02:00', '2026-05-02T10:00:00.123456-0930'])(
  '%s is a time',
  (time) => {
    expect(refused(timeField, time)).toBe(false);
  },
);

test.each([
  '2026-02-30T10:00:00Z',
  '2026-05-02T25:00:00Z',
  '2026-05-02T10:61:00Z',
  '2026-05-02T10:00:00+99:00',
  '9999-05-02T10:00:00Z',
  '2026-05-02',
])('%s is no time', (time) => {
  expect(refused(timeField, time)).toBe(true);
});

test('half a character, and one that ends a text for the database, are no text', () => {
  for (const text of ['a\uD800b', 'a\u0000b', '\uDC00']) {
    expect(refused(textField(0, 40), text)).toBe(true);
    expect(refused(proseField(40), text)).toBe(true);
  }
  expect(refused(proseField(40), 'two\nlines 🏌')).toBe(false);
});
