/** A place at which something does not hold any more, and what was found there. */
export interface Border<T> {
  at: number;
  found: T;
}

/** Looks at a place, with pauses: what is found there; undefined where what stands still holds. */
export type Look<T> = (at: number) => Generator<void, T | undefined>;

/**
 * The border between a place where something still holds and one where it does not, by halving.
 *
 * @param inside where it holds, and `outside` where it does not
 * @param fine how near the border is found
 * @returns the nearest place that was looked at where it does not hold
 */
export function* borderBetween<T>(
  inside: number,
  outside: Border<T>,
  fine: number,
  look: Look<T>,
): Generator<void, Border<T>> {
  let border = outside;
  let holds = inside;
  while (Math.abs(border.at - holds) > fine) {
    const middle = (holds + border.at) / 2;
    const found = yield* look(middle);
    if (found === undefined) holds = middle;
    else border = { at: middle, found };
  }
  return border;
}

/**
 * The nearest place along a row of them at which something does not hold any more, and then the border before it. Hints say where
 * a look is worth it; only what a look found counts.
 *
 * @param from where it holds
 * @param places from the nearest to the farthest
 * @param fine how near the border is found
 * @param hint true where what stands seems to be beaten: quick, and not always right
 */
export function* nearestBorder<T>(
  from: number,
  places: readonly number[],
  fine: number,
  hint: (at: number) => boolean,
  look: Look<T>,
): Generator<void, Border<T> | null> {
  const last = places.length - 1;
  if (last < 0) return null;
  let i = 0;
  while (i < last && !hint(places[i]!)) {
    i += 1;
    yield;
  }
  let found = yield* look(places[i]!);
  while (found === undefined && i < last) {
    i += 1;
    found = yield* look(places[i]!);
  }
  if (found === undefined) return null;
  let outside: Border<T> = { at: places[i]!, found };
  while (i > 0) {
    const nearer = yield* look(places[i - 1]!);
    if (nearer === undefined) break;
    i -= 1;
    outside = { at: places[i]!, found: nearer };
  }
  return yield* borderBetween(i > 0 ? places[i - 1]! : from, outside, fine, look);
}
