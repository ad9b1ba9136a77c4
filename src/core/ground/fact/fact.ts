import type { LengthUnit } from '../units/length';
import type { Scale } from '../units/unitFor';
import type { Codes } from './codes';

/** The name of something that can be so. */
export type Code = keyof Codes;

/** A length in metres, to be said in the reader's units. */
export interface Length {
  readonly metres: number;
  readonly scale: Scale;
  /** Said in whole units. */
  readonly whole?: true;
}

/** What numbers are allowed, and their unit where they have one. */
export interface Limits {
  readonly low: number;
  readonly high: number;
  readonly unit?: LengthUnit;
}

/** What fills a fact: names and numbers as they are, measures that a reader's units and language decide about, and other facts. */
export type Value = string | number | Length | Limits | Fact | readonly Value[];

/** What is so, in no language: a code and what fills it. The floor of words says it, in any language and any units. */
export interface Fact {
  readonly code: Code;
  readonly values?: Readonly<Record<string, Value>>;
}

/**
 * A fact, with a value for each name that its message leaves open.
 *
 * @example
 * fact('check.required'); // => { code: 'check.required' }
 * fact('check.notANumber', { text: 'far' }).values; // => { text: 'far' }
 */
export const fact = <C extends Code>(
  code: C,
  ...[values]: [Codes[C]] extends [never] ? [] : [Readonly<Record<Codes[C], Value>>]
): Fact => (values === undefined ? { code } : { code, values });
