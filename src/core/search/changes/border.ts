/** A place at which something does not hold any more, and what was found there. */
export interface Border<T> {
  at: number;
  found: T;
}

/**
 * The border between a place where something still holds and one where it does not, by halving. Yields before each look, so that
 * whoever runs it may do something else, or stop.
 *
 * @param inside where it holds, and `outside` where it does not
 * @param fine how near the border is found
 * @param look what is found at a place; undefined where it still holds
 * @returns the nearest place that was looked at where it does not hold
 */
export function* borderBetween<T>(
  inside: number,
  outside: Border<T>,
  fine: number,
  look: (at: number) => T | undefined,
): Generator<void, Border<T>> {
  let border = outside;
  let holds = inside;
  while (Math.abs(border.at - holds) > fine) {
    yield;
    const middle = (holds + border.at) / 2;
    const found = look(middle);
    if (found === undefined) holds = middle;
    else border = { at: middle, found };
  }
  return border;
}
