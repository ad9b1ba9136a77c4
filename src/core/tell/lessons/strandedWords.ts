import { t } from '@/core/tell/language/t';
import { listed } from '@/core/tell/words/listed';

/**
 * Who of a group cannot get a station's ball out at the flag.
 *
 * @param names of those who cannot, at least one
 * @param group how many there are in all
 * @example
 * strandedWords(['Ada'], 3); // => 'Ada has no club that gets this ball out towards the flag: change the station, or plan another shot for Ada here.'
 */
export function strandedWords(names: readonly string[], group: number): string {
  const change = t('change the station');
  if (names.length === group && group > 1) {
    return t('No player in this lesson can get this ball out towards the flag: {change}.', {
      change,
    });
  }
  const who = listed(names);
  if (names.length === 1) {
    return t(
      '{who} has no club that gets this ball out towards the flag: {change}, or plan another shot for {who} here.',
      { who, change },
    );
  }
  return t('{who} have no club that gets this ball out towards the flag: {change}.', {
    who,
    change,
  });
}
