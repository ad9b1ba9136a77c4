/**
 * A handicap as it is written: better than scratch with a plus.
 *
 * @example
 * handicapWords(-1.5); // => '+1.5'
 * handicapWords(12); // => '12'
 */
export const handicapWords = (handicap: number): string =>
  handicap < 0 ? `+${-handicap}` : String(handicap);
