import { armAngleDeg, faceClock, swingClock } from './clock';
import { fromMetres, toMetres } from './length';
import { sayLength, saySmall } from '@/core/tell/language/say';

test('lengths convert exactly by the international yard', () => {
  expect(toMetres(1, 'yd')).toBe(0.9144);
  expect(fromMetres(toMetres(7, 'ft'), 'in')).toBeCloseTo(84, 9);
});

test.each([
  [0, '12:00'],
  [12, '1:00'],
  [15, '1:15'],
  [25, '2:00'],
  [45, '3:00'],
  [-15, '10:45'],
])('a face %p degrees open reads %p', (deg, clock) => expect(faceClock(deg)).toBe(clock));

test.each([
  [0.78, '9:00'],
  [0.57, '7:30'],
  [1, '11:15'],
])('a swing of %p of full speed reads %p', (fraction, clock) =>
  expect(swingClock(fraction)).toBe(clock),
);

test('the arm goes further back for more speed, to 155 degrees at all of it', () => {
  const angles = [0.3, 0.6, 0.8, 1].map(armAngleDeg);
  expect([...angles].sort((a, b) => a - b)).toEqual(angles);
  expect(angles.at(-1)).toBe(155);
});

test('lengths are said in the unit that a coach would use', () => {
  expect(sayLength(toMetres(18, 'yd'), 'ground', 'yards')).toBe('18\u00a0yd');
  expect(sayLength(toMetres(3.5, 'ft'), 'height', 'yards')).toBe('3.5\u00a0ft');
  expect(sayLength(1.07, 'height', 'metres')).toBe('1.1\u00a0m');
});

test.each([
  [0.0005, 'yards', '0\u00a0in'],
  [0.014, 'yards', '½\u00a0in'],
  [0.0254, 'yards', '1\u00a0in'],
  [0.17, 'yards', '6¾\u00a0in'],
  [-0.01, 'yards', '−3/8\u00a0in'],
  [0.014, 'metres', '14\u00a0mm'],
  [0.17, 'metres', '17\u00a0cm'],
] as const)('%p m is said small in %s as %s', (metres, units, said) => {
  expect(saySmall(metres, units)).toBe(said);
});
