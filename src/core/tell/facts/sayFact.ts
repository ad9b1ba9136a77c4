import { IntlMessageFormat } from 'intl-messageformat';
import type { Code, Fact, Length, Limits, Value } from '@/core/ground/fact/fact';
import type { UnitSystem } from '@/core/ground/units/system';
import { spoken } from '../language/language';
import { sayLength, sayLimits } from '../language/say';
import { written } from '../language/written';
import ENGLISH from '../language/facts/en.json';

/** Messages that were parsed once, by language and code. */
const parsed = new Map<string, IntlMessageFormat>();

function messageOf(code: Code): IntlMessageFormat {
  const { language, facts } = spoken();
  const key = `${language} ${code}`;
  const known = parsed.get(key);
  if (known) return known;
  const message = new IntlMessageFormat(facts?.[code] ?? ENGLISH[code], language, undefined, {
    ignoreTag: true,
  });
  parsed.set(key, message);
  return message;
}

const rangeWords = ({ low, high, unit }: Limits): string =>
  `${sayLimits(low, high)}${unit ? ` ${unit}` : ''}`;

function valueWords(value: Value, units: UnitSystem): string | number {
  if (typeof value === 'string') return value;
  // Whole numbers stay numbers: a message may ask for their plural.
  if (typeof value === 'number') return Number.isInteger(value) ? value : written(String(value));
  if (isList(value)) return value.map((each) => valueWords(each, units)).join(', ');
  if ('code' in value) return sayFact(value, units);
  return 'metres' in value ? lengthWords(value, units) : rangeWords(value);
}

const isList = (value: Value): value is readonly Value[] => Array.isArray(value);

const lengthWords = ({ metres, scale, whole }: Length, units: UnitSystem): string =>
  sayLength(metres, scale, units, whole ? 0 : 1);

/**
 * A fact in the language in force, lengths in the reader's units.
 *
 * @example
 * sayFact({ code: 'check.notANumber', values: { text: 'far' } }); // => 'must be a number, not "far"'
 */
export function sayFact({ code, values = {} }: Fact, units: UnitSystem = 'yards'): string {
  const filled = Object.entries(values).map(([name, value]) => [name, valueWords(value, units)]);
  return String(messageOf(code).format(Object.fromEntries(filled)));
}
