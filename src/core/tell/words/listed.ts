import { t } from '@/core/tell/language/t';

/**
 * Words joined as they are said.
 *
 * @example
 * listed(['wrists']); // => 'wrists'
 * listed(['wrists', 'elbows', 'back']); // => 'wrists, elbows and back'
 */
export function listed(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return t('{words} and {last}', {
    words: words.slice(0, -1).join(', '),
    last: String(words.at(-1)),
  });
}
