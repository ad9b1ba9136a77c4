/** A place at which something does not hold any more, and what was found there. */
export interface Border<T> {
  at: number;
  found: T;
}

/** A border past which what was found stands. */
export interface StandingBorder<T> extends Border<T> {
  /** Where what held before ends, when that is more than a step before the border: other things are found between. */
  until?: number;
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
  const holding = i > 0 ? [from, places[i - 1]!] : [from];
  const border = yield* borderBetween(holding.at(-1)!, outside, fine, look);
  return yield* firstBorder(holding, border, fine, look);
}

/** What is found at a border must stand so many times the precision past it, and what stood as far before it: a step, as it is said. */
const STEP_IN_FINES = 1.25;

/**
 * A border, or one before it that a look a step before shows: what stands may have been beaten and have come back.
 *
 * @param holding where it holds, from the farthest from the border to the nearest
 */
function* firstBorder<T>(
  holding: readonly number[],
  border: Border<T>,
  fine: number,
  look: Look<T>,
): Generator<void, Border<T>> {
  const ahead = Math.sign(border.at - holding[0]!);
  let first = border;
  for (;;) {
    const at = first.at - ahead * STEP_IN_FINES * fine;
    const inside = holding.findLast((place) => ahead * (at - place) > 0);
    const found = inside === undefined ? undefined : yield* look(at);
    if (found === undefined) return first;
    first = yield* borderBetween(inside!, { at, found }, fine, look);
  }
}

/** Where it does not, borders are found so many times finer. */
const FINER = 4;

/**
 * The border past which what is found stands for a step at least. A narrower stretch is passed over: the border is where it ends, and what
 * stood before it still stood a step before that, or it is said until where.
 *
 * @param from where it holds
 * @param border as {@link nearestBorder} found it from there
 * @param end the last place there is: what is found there alone is not seen to stand
 * @param same whether two finds are the same
 * @returns the border, or the place at which what stood before it stands again
 */
export function* standingBorder<T>(
  from: number,
  border: Border<T>,
  end: number,
  fine: number,
  look: Look<T>,
  same: (one: T, other: T) => boolean,
): Generator<void, StandingBorder<T> | number> {
  const ahead = Math.sign(end - border.at);
  const step = ahead * STEP_IN_FINES * fine;
  const isPast = (at: number): boolean => ahead * (end - at) <= 0;
  const atEnd = isPast(border.at + step);
  if (border.at === end) return end;
  const past = yield* look(atEnd ? end : border.at + step);
  if (past !== undefined && same(past, border.found)) return border;
  if (atEnd) return end;
  const inside = Math.abs(border.at - from) < fine ? from : border.at - ahead * fine;
  const nearest = yield* borderBetween(inside, border, fine / FINER, look);
  let { at, found } = nearest;
  while (!isPast(at + step)) {
    const next = yield* look(at + step);
    if (next === undefined) return at + step;
    if (same(next, found)) break;
    const other: Look<T> = function* beyond(place) {
      const there = yield* look(place);
      return there !== undefined && same(there, found) ? undefined : there;
    };
    ({ at, found } = yield* borderBetween(at, { at: at + step, found: next }, fine / FINER, other));
  }
  // The first border lies up to a look before the nearest place behind it.
  const passed = Math.abs(at - nearest.at) + fine / FINER;
  return passed > Math.abs(step) ? { at, found, until: nearest.at } : { at, found };
}
