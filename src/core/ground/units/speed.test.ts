import { saySpeed } from '@/core/tell/language/say';
import { fromMps, MPS_PER, speedUnit, toMps, type SpeedUnit } from './speed';

test.each([
  [10, 'mph', 4.4704],
  [36, 'km/h', 10],
  [10, 'kn', 5.1444],
  [3, 'm/s', 3],
] as const)('%d %s is %d m/s', (value, unit, mps) => {
  expect(toMps(value, unit)).toBeCloseTo(mps, 4);
});

test('there and back in every unit', () => {
  for (const unit of Object.keys(MPS_PER) as SpeedUnit[]) {
    expect(fromMps(toMps(7.3, unit), unit)).toBeCloseTo(7.3, 12);
  }
});

test('said in the units of the desk', () => {
  expect(saySpeed(4.4704, 'yards')).toBe('10\u00a0mph');
  expect(saySpeed(4.4704, 'metres')).toBe('4.5\u00a0m/s');
  expect(speedUnit('metres')).toBe('m/s');
});
