import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';
import { holds } from './holds';

const green = (stimp: number, deg: number) => ({
  stimp: toMetres(stimp, 'ft'),
  slope: radians(deg),
  firmness: 'medium' as const,
});

test('a fast green that runs away at five degrees holds nothing; slower, flatter or rising ones do', () => {
  expect(holds(green(11, -5))).toBe(false);
  expect(holds(green(7, -5))).toBe(true);
  expect(holds(green(11, -2))).toBe(true);
  expect(holds(green(11, 5))).toBe(true);
});
