import { fact, type Fact } from '@/core/ground/fact/fact';
import {
  ArraySchema,
  ValidationError,
  boolean,
  mixed,
  number,
  object,
  string,
  type AnyObject,
  type AnySchema,
  type InferType,
  type ObjectShape,
  type Schema,
} from 'yup';
import { LENGTH_UNITS, fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { MOST_FAULTS, quoted } from './fault';

/** A checker of a field: what it lets through is T, `undefined` with it where the field may be absent. */
export type Field<T> = Schema<T>;

/** What a field lets through, once it is there. */
export type Of<F extends Field<unknown>> = Exclude<InferType<F>, undefined>;

type Shape = Readonly<Record<string, Field<unknown>>>;

/** Fields that may be absent are optional keys. */
type Fields<S extends Shape> = {
  [K in keyof S as undefined extends InferType<S[K]> ? K : never]?: InferType<S[K]>;
} & {
  [K in keyof S as undefined extends InferType<S[K]> ? never : K]: InferType<S[K]>;
};

type Flat<T> = { [K in keyof T]: T[K] };

/** What an object of these fields is. */
export type FieldsOf<S extends Shape> = Flat<Fields<S>>;

/** A length may be given in any one unit: which of its fields is there is known only when it is read. */
type Lengths<N extends string> = { [K in `${N}_${LengthUnit}`]?: number };

type MessageParams = { value: unknown };

/** A number within [low, high]; messages name what is allowed and what was given. */
export function numberField(low: number, high: number, unit = ''): Field<number | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.number', {
      limits: { low, high },
      unit: unit && ` ${unit}`,
      value: quoted(value),
    });
  return number().nonNullable(message).typeError(message).min(low, message).max(high, message);
}

/** A whole number within [low, high]. */
export function integerField(low: number, high: number): Field<number | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.whole', {
      low,
      high,
      value: quoted(value),
    });
  return number()
    .nonNullable(message)
    .typeError(message)
    .integer(message)
    .min(low, message)
    .max(high, message);
}

/** One of the words allowed. */
export function wordField<const W extends string>(words: readonly W[]): Field<W | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.oneOf', { words: words.join(', '), value: quoted(value) });
  return mixed<W>().nonNullable(message).oneOf(words, message).typeError(message);
}

/** Text of a length within [low, high] without control characters. */
export function textField(low: number, high: number): Field<string | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.text', {
      low,
      high,
      value: quoted(value),
    });
  return string()
    .nonNullable(message)
    .typeError(message)
    .min(low, message)
    .max(high, message)
    .matches(/^[^\p{Cc}\p{Cs}]*$/u, message);
}

/** Text of a pattern, with the fact of what is wanted: a day as YYYY-MM-DD. */
export function patternField(pattern: RegExp, wanted: Fact): Field<string | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.pattern', { wanted, value: quoted(value) });
  return string().nonNullable(message).typeError(message).matches(pattern, message);
}

/** Text of at most `high` characters that may run over lines, without other control characters. */
export function proseField(high: number): Field<string | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.prose', { high, value: quoted(value) });
  return string()
    .nonNullable(message)
    .typeError(message)
    .max(high, message)
    .matches(/^(?:[^\p{Cc}\p{Cs}]|[\n\r\t])*$/u, message);
}

/** True or false. */
export function flagField(): Field<boolean | undefined> {
  const message = ({ value }: MessageParams): Fact => fact('check.flag', { value: quoted(value) });
  return boolean().nonNullable(message).typeError(message);
}

/** Fields for one length in every unit: `pin_yd`, `pin_m` and so on, each with its limits in its own unit. */
export function lengthFields(name: string, lowM: number, highM: number): ObjectShape {
  return Object.fromEntries(
    LENGTH_UNITS.map((unit) => [`${name}_${unit}`, lengthField({ low: lowM, high: highM }, unit)]),
  );
}

const UNIT_SUFFIX = new RegExp(`_(${LENGTH_UNITS.join('|')})$`);

/**
 * The name of the length that a field gives, whatever its unit: `pin` of `pin_yd`; null for another field.
 *
 * @example
 * lengthName('pin_yd'); // => 'pin'
 * lengthName('lie'); // => null
 */
export const lengthName = (field: string): string | null =>
  UNIT_SUFFIX.test(field) ? field.replace(UNIT_SUFFIX, '') : null;

/** The keys of an object that give the length `name`, whatever the unit. */
function lengthKeys(value: object, name: string): string[] {
  return Object.keys(value).filter(
    (key) =>
      (value as Record<string, unknown>)[key] !== undefined &&
      LENGTH_UNITS.some((unit) => key === `${name}_${unit}`),
  );
}

/** A length within limits given in m, in one unit of the format's choice. */
export const lengthField = (
  { low, high }: { low: number; high: number },
  unit: LengthUnit,
): Field<number | undefined> => numberField(fromMetres(low, unit), fromMetres(high, unit), unit);

/**
 * The length `name` of a checked object in metres; undefined when it is absent.
 *
 * @example
 * lengthOf({ pin_yd: 10 }, 'pin'); // => 9.144
 */
export function lengthOf(value: object, name: string): number | undefined {
  const [key] = lengthKeys(value, name);
  if (key === undefined) return undefined;
  const unit = key.slice(name.length + 1) as LengthUnit;
  return toMetres((value as Record<string, number>)[key]!, unit);
}

interface Rules<N extends string> {
  /** Lengths: each may be given in one unit only; `required` ones must be there. */
  lengths?: Readonly<Record<N, { low: number; high: number; required?: boolean }>>;
  /** What an unknown key is told; by default that there is no such field. */
  unknown?: (key: string) => Fact;
}

/** An object with exactly these fields and lengths; unknown keys and doubled lengths are faults by path. */
export function exactObject<S extends Shape, N extends string = never>(
  shape: S,
  rules: Rules<N> = {},
): Field<Flat<Fields<S> & Lengths<N>> | undefined> {
  const { unknown } = rules;
  const lengths = Object.entries<{ low: number; high: number; required?: boolean }>(
    rules.lengths ?? {},
  );
  const fields: ObjectShape = { ...(shape as ObjectShape) };
  for (const [name, { low, high }] of lengths) {
    Object.assign(fields, lengthFields(name, low, high));
  }
  const notObject = ({ value }: MessageParams): Fact =>
    fact('check.object', { value: quoted(value) });
  const needed = lengths.filter(([, { required }]) => required).map(([name]) => name);
  const schema = object(fields)
    .meta({ lengths: needed })
    .default(undefined)
    .nonNullable(notObject)
    .typeError(notObject)
    .test('exact', function exact(value: unknown) {
      if (value === undefined || value === null || typeof value !== 'object') return true;
      const at = (key: string): string => (this.path ? `${this.path}.${key}` : key);
      const faults: ValidationError[] = [];
      for (const key of Object.keys(value)) {
        if (Object.hasOwn(fields, key)) continue;
        if (faults.length > MOST_FAULTS) break;
        const message = unknown?.(key) ?? fact('check.unknownField');
        faults.push(this.createError({ path: at(key), message: () => message }));
      }
      for (const [name, { required }] of lengths) {
        const given = lengthKeys(value, name);
        if (given.length > 1) {
          const message = fact('check.sameLength', {
            given: given.join(' and '),
          });
          faults.push(this.createError({ path: at(given[1]!), message: () => message }));
        } else if (required && given.length === 0) {
          const message = fact('check.lengthRequired', {
            list: LENGTH_UNITS.map((u) => `${name}_${u}`).join(', '),
          });
          faults.push(this.createError({ path: at(name), message: () => message }));
        }
      }
      return faults.length === 0 ? true : new ValidationError(faults);
    });
  // Yup works the type out of the shape in its own way; this one knows lengths in any unit.
  return schema as AnySchema as Field<Flat<Fields<S> & Lengths<N>> | undefined>;
}

/** A list whose items are looked at only if there are not too many of them: whoever sends millions is refused at once. */
function boundedList(item: AnySchema, high: number): ArraySchema<unknown[] | undefined, AnyObject> {
  // A schema is copied by its prototype: the bound lives in the class.
  class BoundedList extends ArraySchema<unknown[] | undefined, AnyObject> {
    protected override _validate(
      ...[value, options, panic, next]: Parameters<Schema['_validate']>
    ): void {
      const tooMany = Array.isArray(value) && value.length > high;
      super._validate(value, tooMany ? { ...options, recursive: false } : options, panic, next);
    }
  }
  return new BoundedList(item as never);
}

/** A list of `low` to `high` items. */
export function listField<T>(
  item: Field<T>,
  low: number,
  high: number,
): Field<Exclude<T, undefined>[] | undefined> {
  const message = ({ value }: MessageParams): Fact =>
    fact('check.list', {
      low,
      high,
      given: Array.isArray(value) ? fact('check.listOf', { value: value.length }) : quoted(value),
    });
  const schema = boundedList(item as AnySchema, high)
    .nonNullable(message)
    .typeError(message);
  return schema.min(low, message).max(high, message) as AnySchema as Field<
    Exclude<T, undefined>[] | undefined
  >;
}

/** A field that must be there. */
export const required = <T>(field: Field<T>): Field<Exclude<T, undefined>> =>
  field.defined(() => fact('check.required')) as Field<Exclude<T, undefined>>;

/** What a file or line of the product's own begins with: its format and the one version of it that is read. */
export const formatFields = <const F extends string>(format: F, version: number) => ({
  format: required(wordField([format])),
  version: required(numberField(version, version)),
});
