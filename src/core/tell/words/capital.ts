/**
 * A text with its first letter large.
 *
 * @example
 * capital('back left'); // => 'Back left'
 */
export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
