import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { nearestBorder, standingBorder } from './border';

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

test('a stretch that a step before the border shows is the border', () => {
  const found = (at: number): string | undefined => {
    if (at >= 1.05) return 'beyond';
    return at >= 0.93 && at < 0.99 ? 'stretch' : undefined;
  };
  const border = toTheEnd(
    nearestBorder(
      0,
      [1, 2],
      0.1,
      () => true,
      function* look(at) {
        yield;
        return found(at);
      },
    ),
  );
  expect(border!.found).toBe('stretch');
  expect(border!.at).toBeLessThan(0.99);
});

test('good hints save looks', () => {
  expect(sought(7.9, honest(7.9)).looks).toBeLessThan(sought(7.9, () => true).looks);
});

describe('what stands past a border', () => {
  type Stretches = readonly (readonly [from: number, call: string | undefined])[];

  /** What stands past the first of some stretches, of which what stood first is undefined. */
  const standing = (at: number, stretches: Stretches, end = 10) => {
    const callAt = (place: number) =>
      stretches.filter(([from]) => Math.sign(end) * (place - from) >= 0).at(-1)?.[1];
    return toTheEnd(
      standingBorder(
        0,
        { at, found: callAt(at)! },
        end,
        0.1,
        function* look(place) {
          yield;
          return callAt(place);
        },
        (one, other) => one === other,
      ),
    );
  };

  test('a border whose find stays is kept as it was found', () => {
    expect(standing(3.04, [[3, 'a']])).toEqual({ at: 3.04, found: 'a' });
    expect(standing(-3.04, [[-3, 'a']], -10)).toEqual({ at: -3.04, found: 'a' });
  });

  test.each([0.02, 0.05, 0.09, 0.11])(
    'past a stretch %p wide what comes after it is named',
    (wide) => {
      const { at, found } = standing(3.01, [
        [3, 'a'],
        [3 + wide, 'b'],
      ]) as { at: number; found: string };
      expect(found).toBe('b');
      expect(at).toBeGreaterThanOrEqual(3 + wide);
      // What stood before stands a step before it.
      expect(at - 0.125).toBeLessThan(3.03);
    },
  );

  test('a stretch that turns out to stand a step is named where it begins', () => {
    const stands = standing(3.09, [
      [3, 'a'],
      [3.15, 'b'],
    ]) as { at: number; found: string };
    expect(stands.found).toBe('a');
    expect(stands.at).toBeGreaterThanOrEqual(3);
    expect(stands.at).toBeLessThanOrEqual(3.025);
  });

  test('no border is looked for behind where it holds', () => {
    // It holds from 0 to 0.01 alone, as it does again behind a stretch on the other side.
    const { at } = standing(0.03, [
      [-1, 'a'],
      [0, undefined],
      [0.01, 'a'],
      [0.08, 'b'],
    ]) as { at: number };
    expect(at).toBeGreaterThanOrEqual(0.08);
  });

  test('where what stood before stands again, it says where', () => {
    const again = standing(3.01, [
      [3, 'a'],
      [3.06, undefined],
    ]);
    expect(again).toBeGreaterThan(3.06);
  });

  test('where finds follow each other within steps, it says until where the first held', () => {
    const { at, found, until } = standing(3.01, [
      [3, 'a'],
      [3.09, 'b'],
      [3.18, 'c'],
    ]) as { at: number; found: string; until: number };
    expect([found, at >= 3.18]).toEqual(['c', true]);
    expect(until).toBeGreaterThanOrEqual(3);
    expect(until).toBeLessThan(3.03);
  });

  test('before the end of what there is, what is found there too counts', () => {
    expect(standing(9.95, [[9.93, 'a']])).toEqual({ at: 9.95, found: 'a' });
  });

  test('what is found at the very end, or changes once more before it, is not seen to stand', () => {
    expect(standing(10, [[9.97, 'a']])).toBe(10);
    const twice = standing(9.93, [
      [9.92, 'a'],
      [9.97, 'b'],
    ]);
    expect(twice).toBe(10);
  });
});
