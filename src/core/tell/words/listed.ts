/**
 * Words joined as they are said.
 *
 * @example
 * listed(['wrists']); // => 'wrists'
 * listed(['wrists', 'elbows', 'back']); // => 'wrists, elbows and back'
 */
export function listed(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}
