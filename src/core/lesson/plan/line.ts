/** Most directions of play that stations of a lesson can have. */
export const MOST_LINES = 20;

/**
 * What a direction of play is called: a letter. Stations of one letter play across each other.
 *
 * @param line from 0 to {@link MOST_LINES}; plans before letters counted from 0, which is called Z
 * @example
 * lineLetter(1); // => 'A'
 */
export const lineLetter = (line: number): string =>
  line === 0 ? 'Z' : String.fromCharCode(64 + line);
