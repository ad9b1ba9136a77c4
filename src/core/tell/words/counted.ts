import { t } from '@/core/tell/language/t';
import type { Message } from '@/core/tell/language/catalogue';

/**
 * A number with its noun: "1 ball", "2 balls", "no balls".
 *
 * @param many the plural, where it is not the noun with an s
 * @param none how no things are said, where it is not "no"
 * @example
 * counted(1, 'ball'); // => '1 ball'
 * counted(0, 'ball'); // => 'no balls'
 * counted(2, 'way out', 'ways out'); // => '2 ways out'
 */
export const counted = (
  count: number,
  one: string,
  many = `${one}s`,
  none: string = t('no|of several'),
): string =>
  `${count === 0 ? none : count} ${(t as (noun: Message) => string)((count === 1 ? one : many) as Message)}`;
