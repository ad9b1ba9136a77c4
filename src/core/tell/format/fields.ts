import {
  ValidationError,
  array,
  boolean,
  mixed,
  number,
  object,
  string,
  type AnySchema,
  type ObjectShape,
} from 'yup';
import { METRES_PER, fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { quoted } from './fault';

const UNITS = Object.keys(METRES_PER) as LengthUnit[];

type MessageParams = { value: unknown };

/** A number within [low, high]; messages name what is allowed and what was given. */
export function numberField(low: number, high: number, unit = ''): AnySchema {
  const allowed = `must be a number from ${tidy(low)} to ${tidy(high)}${unit && ` ${unit}`}`;
  const message = ({ value }: MessageParams): string => `${allowed}, not ${quoted(value)}`;
  return number().nonNullable(message).typeError(message).min(low, message).max(high, message);
}

/** A whole number within [low, high]. */
export function integerField(low: number, high: number): AnySchema {
  const message = ({ value }: MessageParams): string =>
    `must be a whole number from ${low} to ${high}, not ${quoted(value)}`;
  return number()
    .nonNullable(message)
    .typeError(message)
    .integer(message)
    .min(low, message)
    .max(high, message);
}

/** One of the words allowed. */
export function wordField(words: readonly string[]): AnySchema {
  const message = ({ value }: MessageParams): string =>
    `must be one of ${words.join(', ')}, not ${quoted(value)}`;
  return mixed().nonNullable(message).oneOf(words, message).typeError(message);
}

/** Text of a length within [low, high] without control characters. */
export function textField(low: number, high: number): AnySchema {
  const message = ({ value }: MessageParams): string =>
    `must be text of ${low} to ${high} characters, not ${quoted(value)}`;
  return string()
    .nonNullable(message)
    .typeError(message)
    .min(low, message)
    .max(high, message)
    .matches(/^[^\p{Cc}]*$/u, message);
}

/** Text of a pattern, with what is wanted in words: "a day as YYYY-MM-DD". */
export function patternField(pattern: RegExp, wanted: string): AnySchema {
  const message = ({ value }: MessageParams): string => `must be ${wanted}, not ${quoted(value)}`;
  return string().nonNullable(message).typeError(message).matches(pattern, message);
}

/** Text of at most `high` characters that may run over lines, without other control characters. */
export function proseField(high: number): AnySchema {
  const message = ({ value }: MessageParams): string =>
    `must be text of at most ${high} characters, not ${quoted(value)}`;
  return string()
    .nonNullable(message)
    .typeError(message)
    .max(high, message)
    .matches(/^(?:[^\p{Cc}]|[\n\r\t])*$/u, message);
}

/** True or false. */
export function flagField(): AnySchema {
  const message = ({ value }: MessageParams): string =>
    `must be true or false, not ${quoted(value)}`;
  return boolean().nonNullable(message).typeError(message);
}

function tidy(value: number): string {
  return String(Number(value.toPrecision(3)));
}

/** Fields for one length in every unit: `pin_yd`, `pin_m` and so on, each with its limits in its own unit. */
export function lengthFields(name: string, lowM: number, highM: number): ObjectShape {
  return Object.fromEntries(
    UNITS.map((unit) => [
      `${name}_${unit}`,
      numberField(fromMetres(lowM, unit), fromMetres(highM, unit), unit),
    ]),
  );
}

/** The keys of an object that give the length `name`, whatever the unit. */
function lengthKeys(value: object, name: string): string[] {
  return Object.keys(value).filter(
    (key) =>
      (value as Record<string, unknown>)[key] !== undefined &&
      UNITS.some((unit) => key === `${name}_${unit}`),
  );
}

/** The length `name` of a checked object in metres; undefined when it is absent. */
export function lengthOf(value: object, name: string): number | undefined {
  const [key] = lengthKeys(value, name);
  if (key === undefined) return undefined;
  const unit = key.slice(name.length + 1) as LengthUnit;
  return toMetres((value as Record<string, number>)[key]!, unit);
}

interface Rules {
  /** Lengths: each may be given in one unit only; `required` ones must be there. */
  lengths?: Record<string, { low: number; high: number; required?: boolean }>;
  /** What an unknown key is told; by default that there is no such field. */
  unknown?: (key: string) => string;
}

/** An object with exactly these fields and lengths; unknown keys and doubled lengths are faults by path. */
export function exactObject(shape: ObjectShape, { lengths = {}, unknown }: Rules = {}): AnySchema {
  const fields: ObjectShape = { ...shape };
  for (const [name, { low, high }] of Object.entries(lengths)) {
    Object.assign(fields, lengthFields(name, low, high));
  }
  const notObject = ({ value }: MessageParams): string => `must be an object, not ${quoted(value)}`;
  const needed = Object.entries(lengths)
    .filter(([, { required }]) => required)
    .map(([name]) => name);
  return object(fields)
    .meta({ lengths: needed })
    .default(undefined)
    .nonNullable(notObject)
    .typeError(notObject)
    .test('exact', function exact(value: unknown) {
      if (value === undefined || value === null || typeof value !== 'object') return true;
      const at = (key: string): string => (this.path ? `${this.path}.${key}` : key);
      const faults: ValidationError[] = [];
      for (const key of Object.keys(value)) {
        if (key in fields) continue;
        const message = unknown?.(key) ?? 'is not a field of this format';
        faults.push(this.createError({ path: at(key), message }));
      }
      for (const [name, { required }] of Object.entries(lengths)) {
        const given = lengthKeys(value, name);
        if (given.length > 1) {
          const message = `${given.join(' and ')} give the same length: keep one`;
          faults.push(this.createError({ path: at(given[1]!), message }));
        } else if (required && given.length === 0) {
          const message = `is required, in one unit: ${UNITS.map((u) => `${name}_${u}`).join(', ')}`;
          faults.push(this.createError({ path: at(name), message }));
        }
      }
      return faults.length === 0 ? true : new ValidationError(faults);
    });
}

/** A list of `low` to `high` items. */
export function listField(item: AnySchema, low: number, high: number): AnySchema {
  const message = ({ value }: MessageParams): string =>
    `must be a list of ${low} to ${high}, not ${Array.isArray(value) ? `of ${value.length}` : quoted(value)}`;
  return array(item).nonNullable(message).typeError(message).min(low, message).max(high, message);
}

/** A field that must be there. */
export const required = (field: AnySchema): AnySchema => field.defined('is required');
