import { FaultyInput } from '@/core/contract/check/fault';
import { ballTexts, EMPTY_BALL, readBallTexts } from './ballForm';

const ball = {
  entry_m: 0.0381,
  carry_m: 10.973,
  along_m: 13.21,
  right_m: -0.4,
  divot_depth_m: 0.014,
  strike: 'thin' as const,
  note: 'stony',
};

test.each(['yards', 'metres'] as const)(
  'a form that was not touched gives the ball back, in %s',
  (units) => {
    expect(readBallTexts(ballTexts(ball, units), units, ball)).toEqual(ball);
  },
);

test('what is typed is read in the units shown, a comma as a point', () => {
  const read = readBallTexts(
    { ...EMPTY_BALL, entry_m: '1,5', carry_m: '12', height_m: '9' },
    'yards',
  );
  expect(read.entry_m).toBeCloseTo(0.0381, 9);
  expect(read.carry_m).toBeCloseTo(10.9728, 9);
  expect(read.height_m).toBeCloseTo(2.7432, 9);
  expect(readBallTexts({ ...EMPTY_BALL, divot_depth_m: '20' }, 'metres').divot_depth_m).toBe(0.02);
});

test('a place without a side is on the line; an emptied field is gone', () => {
  expect(readBallTexts({ ...EMPTY_BALL, along_m: '10' }, 'metres')).toEqual({
    along_m: 10,
    right_m: 0,
  });
  const texts = { ...ballTexts(ball, 'metres'), carry_m: '', strike: '' };
  const read = readBallTexts(texts, 'metres', ball);
  expect(read.carry_m).toBeUndefined();
  expect(read.strike).toBeUndefined();
});

test.each([
  [{ carry_m: 'far' }, 'carry_m: must be a number, not "far"'],
  [{ carry_m: '4000' }, 'carry_m: must be from 0 to 260 m, not 4000'],
  [{}, 'nothing was entered for this ball'],
])('%o is refused with what is wrong', (texts, message) => {
  const read = () => readBallTexts({ ...EMPTY_BALL, ...texts }, 'metres');
  expect(read).toThrow(FaultyInput);
  expect(read).toRefuse(message);
});
