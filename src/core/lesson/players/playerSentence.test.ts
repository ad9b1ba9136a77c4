import fc from 'fast-check';
import { PLAIN_HOUSE } from './house';
import { LONGEST_SENTENCE, readPlayerSentence } from './playerSentence';
import { readPlayerRecord } from './record';

const read = (text: string, units: 'yards' | 'metres' = 'yards') =>
  readPlayerSentence(text, PLAIN_HOUSE, units);

test('a player is read as a coach says it', () => {
  const { record, unread } = read('Ada Lund, mid handicap, 56/12 goes 82, PW 108');
  expect(unread).toEqual([]);
  expect(record).toMatchObject({ name: 'Ada Lund', skill: 'middle', handed: 'right' });
  expect(record.bag).toEqual([
    { name: 'PW', type: 'wedge', loft_deg: 46, stock_carry_yd: 108 },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
  ]);
  expect(readPlayerRecord(record)).toBeTruthy();
});

test.each([
  ['Bo Ek, beginner, left-handed, SW', { skill: 'beginner', handed: 'left' }],
  ['Bo Ek, handicap 8, 60', { skill: 'good', handicap: 8 }],
  ['Bo Ek, 24 handicap, 60', { skill: 'beginner', handicap: 24 }],
  ['Bo Ek, hcp +2, 58/6 94', { skill: 'expert', handicap: -2 }],
  ['Bo Ek, single figures, usually thin, 58', { skill: 'good', usual_miss: 'thin' }],
  [
    'Bo Ek. Professional. A lefty. 60/8 goes 84 and 56 carries 98.',
    { skill: 'expert', handed: 'left' },
  ],
])('%s', (text, wanted) => {
  const { record, unread } = read(text);
  expect(record).toMatchObject({ name: 'Bo Ek', ...wanted });
  expect(unread).toEqual([]);
  expect(readPlayerRecord(record)).toBeTruthy();
});

test('clubs by name have the usual loft; carries are in the reader’s units unless they name another', () => {
  const { record } = read('Cy, 9 iron 110, 7i, GW 95 yd, LW 60 m', 'metres');
  expect(record.bag.map(({ name, loft_deg }) => [name, loft_deg])).toEqual([
    ['7i', 33],
    ['9i', 41],
    ['GW', 50],
    ['LW', 60],
  ]);
  expect(record.bag[1]!.stock_carry_yd).toBeCloseTo(120.3, 1);
  expect(record.bag[2]!.stock_carry_yd).toBe(95);
  expect(record.bag[3]).toMatchObject({ stock_carry_m: 60 });
});

test('what says nothing that is known is given back, not guessed', () => {
  const { record, unread } = read('Dee Roe, plays on Tuesdays, 56/12 82, 56 90, born in 1990');
  expect(record.name).toBe('Dee Roe');
  expect(record.bag).toHaveLength(1);
  expect(unread).toEqual(['plays on Tuesdays', '56 90', 'born in 1990']);
});

test('no sentence whatever throws, and none makes a club or name that a record would refuse for its form', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: LONGEST_SENTENCE + 50 }), (text) => {
      const { record, unread } = read(text);
      expect(Array.isArray(unread)).toBe(true);
      expect(record.name.length).toBeLessThanOrEqual(80);
      expect(record.bag.every(({ loft_deg }) => Number.isFinite(loft_deg))).toBe(true);
    }),
  );
});
