import { BEHAVIOURS } from './behaviours';

describe('what coaches say, statement by statement', () => {
  for (const { name, wanted, unit, got, excuse } of BEHAVIOURS) {
    const [low, high] = wanted;
    test(`${name}: ${low} to ${high} ${unit}`, () => {
      const value = got();
      // A statement with an excuse stands where it says; one that needs none any more must lose it.
      const [least, most] = excuse?.stands ?? wanted;
      expect(value).toBeGreaterThanOrEqual(least);
      expect(value).toBeLessThanOrEqual(most);
      if (excuse) expect(value < low || value > high).toBe(true);
    });
  }
});
