import { BEHAVIOURS } from './behaviours';

describe('what coaches say, statement by statement', () => {
  for (const { name, wanted, unit, got, excuse } of BEHAVIOURS) {
    const [low, high] = wanted;
    test(`${name}: ${low} to ${high} ${unit}`, () => {
      const value = got();
      // A statement with an excuse must stand where the documentation says: outside, but near.
      const slack = excuse ? 0.15 * Math.abs(high) : 0;
      expect(value).toBeGreaterThanOrEqual(low - slack);
      expect(value).toBeLessThanOrEqual(high + slack);
    });
  }
});
