import type { Message } from './catalogue';
import { t } from './t';

/* Tables are made once, before anybody asks in any language: what they say is looked up each time that it is read. */

const say = t as (message: Message) => string;

/** `to` with a word that is looked up when it is read. */
const lazily = (to: object, key: string, message: Message): object =>
  Object.defineProperty(to, key, { enumerable: true, get: () => say(message) });

/** Whether a value is a list or a plain object, to be looked into. */
const hasFields = (value: unknown): value is object =>
  Array.isArray(value) || (value as object | null)?.constructor === Object;

/** `table` with those of its texts that are `words`, by the field that they stand under and whether a field above is. */
function looked<T extends object>(table: T, isWords: (field: string) => boolean): T {
  const words: object = Array.isArray(table) ? [] : {};
  for (const [key, value] of Object.entries(table) as [string, unknown][]) {
    if (isWords(key) && typeof value === 'string') lazily(words, key, value as Message);
    else if (hasFields(value))
      Object.assign(words, { [key]: looked(value, isWords(key) ? () => true : isWords) });
    else Object.assign(words, { [key]: value });
  }
  return words as T;
}

/**
 * A table of messages, as deep as it goes, read in the language in force.
 *
 * @example
 * told({ heavy: 'heavy' }).heavy; // => 'heavy'
 */
export const told = <T extends object>(table: T): T => looked(table, () => true);

/**
 * A table with other things beside its messages: those under `fields` are read in the language in force.
 *
 * @example
 * toldIn(['name'], [{ id: 'thin', name: 'thin' }])[0].name; // => 'thin'
 */
export const toldIn = <T extends object>(fields: readonly string[], table: T): T =>
  looked(table, (field) => fields.includes(field));

/**
 * Choices of a list: each with its value, and its label in the language in force.
 *
 * @example
 * choices([['m', 'metres']])[0]; // => ['m', 'metres']
 */
export const choices = <const V extends string>(
  list: readonly (readonly [value: V, label: Message])[],
): readonly (readonly [V, string])[] =>
  list.map(([value, label]) => {
    const choice: [V, string] = [value, label];
    lazily(choice, '1', label);
    return choice;
  });
