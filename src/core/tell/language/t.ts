import type { Message } from './catalogue';
import { spoken } from './language';
import { written } from './written';
import type { Filling, Open } from './message';

/** What is told apart by a note behind a bar is said without it: "open|face" is said "open". */
const NOTE = /(?<=\S)\|(?=\S)[^|]*$/;

/** A value that is a number and nothing else is written as the language writes numbers. */
const NUMBER = /^[-−±]?\d+\.\d+$/;

const NAME = /\{([a-z]\w*)\}/gi;

/**
 * A message of the catalogue in the language in force, its names in braces filled.
 *
 * @example
 * t('carried {carry}', { carry: '12 yd' }); // => 'carried 12 yd'
 */
export function t<M extends Message>(
  message: M,
  ...[filling]: [Open<M>] extends [never] ? [] : [Filling<M>]
): string {
  const text = spoken().translation?.[message] ?? message.replace(NOTE, '');
  if (filling === undefined) return text;
  const values = filling as Readonly<Record<string, string | number>>;
  return text.replace(NAME, (all, name: string) => {
    const value = String(values[name] ?? all);
    return NUMBER.test(value) ? written(value) : value;
  });
}
