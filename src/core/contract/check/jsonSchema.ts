import { LENGTH_UNITS } from '@/core/ground/units/length';
import { lengthName, type Field } from './fields';
import type { SchemaDescription, SchemaInnerTypeDescription, SchemaObjectDescription } from 'yup';

/** A JSON Schema (draft 2020-12), or a part of one. */
export type JsonSchema = Record<string, unknown>;

function numeric(description: SchemaDescription): JsonSchema {
  const schema: JsonSchema = { type: 'number' };
  for (const { name, params } of description.tests) {
    if (name === 'min') schema.minimum = params!.min;
    if (name === 'max') schema.maximum = params!.max;
    if (name === 'integer') schema.type = 'integer';
  }
  return schema;
}

function textual(description: SchemaDescription): JsonSchema {
  const schema: JsonSchema = { type: 'string' };
  for (const { name, params } of description.tests) {
    if (name === 'min') schema.minLength = params!.min;
    if (name === 'max') schema.maxLength = params!.max;
    if (name === 'matches') schema.pattern = (params!.regex as RegExp).source;
  }
  return schema;
}

function listed(description: SchemaInnerTypeDescription): JsonSchema {
  const schema: JsonSchema = { type: 'array' };
  const inner = description.innerType;
  if (inner && !Array.isArray(inner)) schema.items = describe(inner as SchemaDescription);
  for (const { name, params } of description.tests) {
    if (name === 'min') schema.minItems = params!.min;
    if (name === 'max') schema.maxItems = params!.max;
  }
  return schema;
}

/** Rules that a length may be given in one unit only, and that a required one must be there. */
function lengthRules(names: readonly string[], needed: readonly string[]): JsonSchema[] {
  const byLength = new Map<string, string[]>();
  for (const name of names) {
    const length = lengthName(name);
    if (length === null) continue;
    byLength.set(length, [...(byLength.get(length) ?? []), name]);
  }
  return [...byLength]
    .filter(([, fields]) => fields.length === LENGTH_UNITS.length)
    .map(([length, fields]) => {
      const one = fields.map((field) => ({ required: [field] }));
      return needed.includes(length)
        ? { oneOf: one }
        : { oneOf: [...one, { not: { anyOf: one } }] };
    });
}

function structured(description: SchemaObjectDescription): JsonSchema {
  const fields = Object.entries(description.fields) as [string, SchemaDescription][];
  const needed = (description.meta as { lengths?: readonly string[] } | undefined)?.lengths ?? [];
  const required = fields.filter(([, field]) => !field.optional).map(([name]) => name);
  const rules = lengthRules(
    fields.map(([name]) => name),
    needed,
  );
  return {
    type: 'object',
    properties: Object.fromEntries(fields.map(([name, field]) => [name, describe(field)])),
    additionalProperties: false,
    ...(required.length > 0 ? { required } : {}),
    ...(rules.length > 0 ? { allOf: rules } : {}),
  };
}

function describe(description: SchemaDescription): JsonSchema {
  switch (description.type) {
    case 'number':
      return numeric(description);
    case 'string':
      return textual(description);
    case 'boolean':
      return { type: 'boolean' };
    case 'array':
      return listed(description as SchemaInnerTypeDescription);
    case 'object':
      return structured(description as SchemaObjectDescription);
    default:
      return description.oneOf.length > 0 ? { enum: description.oneOf } : {};
  }
}

/** The JSON Schema of a checker made of the fields of this folder. */
export const jsonSchemaOf = <T>(schema: Field<T>, title: string): JsonSchema => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title,
  ...describe(schema.describe() as SchemaDescription),
});

/**
 * The JSON Schema of answers from a sample of them: every field that all samples have is required; a number where a
 * sample has null may be null.
 */
export function jsonSchemaOfSamples(samples: readonly unknown[], title: string): JsonSchema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title,
    ...shapeOf(samples),
  };
}

function shapeOf(values: readonly unknown[]): JsonSchema {
  const present = values.filter((value) => value !== null && value !== undefined);
  const nullable = values.some((value) => value === null);
  const [first] = present;
  const type = (name: string): string | string[] => (nullable ? [name, 'null'] : name);
  if (first === undefined) return nullable ? { type: 'null' } : {};
  if (Array.isArray(first)) {
    const items = (present as unknown[][]).flat();
    return { type: type('array'), ...(items.length > 0 ? { items: shapeOf(items) } : {}) };
  }
  if (typeof first === 'object') {
    const objects = present as Record<string, unknown>[];
    const keys = [...new Set(objects.flatMap((value) => Object.keys(value)))];
    return {
      type: type('object'),
      properties: Object.fromEntries(
        keys.map((key) => [key, shapeOf(objects.map((value) => value[key]))]),
      ),
      required: keys.filter((key) => objects.every((value) => key in value)),
    };
  }
  return { type: type(typeof first) };
}
