import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { nearestBorder } from './border';

/** Finds where values pass a threshold, with hints that may lie, and counts the looks. */
function sought(threshold: number, hint: (at: number) => boolean, places = [1, 2, 4, 8]) {
  let looks = 0;
  const border = toTheEnd(
    nearestBorder(0, places, 0.1, hint, function* look(at) {
      looks += 1;
      yield;
      return at >= threshold ? 'past' : undefined;
    }),
  );
  return { border, looks };
}

const honest = (threshold: number) => (at: number) => at >= threshold;

test.each([0.5, 1.3, 3, 7.9])('a threshold at %p is found to within what is asked', (threshold) => {
  for (const hint of [honest(threshold), () => true, () => false]) {
    const { at, found } = sought(threshold, hint).border!;
    expect(found).toBe('past');
    expect(at).toBeGreaterThanOrEqual(threshold);
    expect(at - threshold).toBeLessThanOrEqual(0.1);
  }
});

test('what is never passed is no border, whatever the hints say', () => {
  expect(sought(9, () => true).border).toBeNull();
  expect(sought(9, () => false)).toEqual({ border: null, looks: 1 });
  expect(sought(0.5, () => true, []).border).toBeNull();
});

test('good hints save looks', () => {
  expect(sought(7.9, honest(7.9)).looks).toBeLessThan(sought(7.9, () => true).looks);
});
