import { fact, type Fact } from '@/core/ground/fact/fact';
import { ValidationError, type InferType, type Schema } from 'yup';

/** One thing wrong with an input: the path of the field, and what is allowed. */
export interface Fault {
  path: string;
  message: Fact;
  /** Where it stands as whoever wrote it counts: said in place of the list and number that the path begins with. */
  place?: Fact;
}

/** So many faults are told; who has more has something else in mind. */
export const MOST_FAULTS = 20;

/** Thrown by every reader of outside input; carries the faults found. */
export class FaultyInput extends Error {
  constructor(readonly faults: readonly Fault[]) {
    super(faults.map(({ path, message }) => `${path}: ${JSON.stringify(message)}`).join('\n'));
    this.name = 'FaultyInput';
  }
}

/**
 * The error for one fault.
 *
 * @example
 * faulty('lip', { code: 'check.required' }).faults; // => [{ path: 'lip', message: { code: 'check.required' } }]
 */
export const faulty = (path: string, message: Fact): FaultyInput =>
  new FaultyInput([{ path, message }]);

/**
 * What `read` gives; null where it finds fault with what it reads. Any other error is thrown on.
 *
 * @example
 * unlessFaulty(() => parseJson('[1]')); // => [1]
 * unlessFaulty(() => parseJson('[1')); // => null
 */
export function unlessFaulty<T>(read: () => T): T | null {
  try {
    return read();
  } catch (error) {
    if (error instanceof FaultyInput) return null;
    throw error;
  }
}

/** Deeper than any format goes; whoever checks or quotes a value walks down into it. */
const MOST_DEPTH = 32;

/** How deep lists and objects of a JSON text stand in each other, counted no further than one past the most. */
function depthOf(text: string): number {
  let depth = 0;
  let deepest = 0;
  let quote = false;
  for (let i = 0; i < text.length && deepest <= MOST_DEPTH; i++) {
    const char = text[i];
    if (quote) {
      if (char === '\\') i += 1;
      else if (char === '"') quote = false;
    } else if (char === '"') quote = true;
    else if (char === '[' || char === '{') deepest = Math.max(deepest, ++depth);
    else if (char === ']' || char === '}') depth -= 1;
  }
  return deepest;
}

/**
 * Parsed JSON. Throws FaultyInput, naming what it stands in, for what is no JSON or nested deeper than any format.
 *
 * @example
 * parseJson('{"pin_yd": 12}'); // => { pin_yd: 12 }
 */
export function parseJson(text: string, path = 'input'): unknown {
  if (depthOf(text) > MOST_DEPTH) {
    throw faulty(path, fact('check.tooDeep', { mostDepth: MOST_DEPTH }));
  }
  try {
    return JSON.parse(text);
  } catch (error) {
    throw faulty(path, fact('check.notJson', { message: (error as Error).message }));
  }
}

/**
 * How a value is quoted in a message: short, and as it was typed.
 *
 * @example
 * quoted('far'); // => '"far"'
 */
export function quoted(value: unknown): string {
  const text = JSON.stringify(value) ?? String(value);
  return text.length > 40 ? `${text.slice(0, 37)}...` : text;
}

/**
 * Checks `input` against a Yup schema without changing it; its type is the schema's.
 *
 * @throws FaultyInput with every fault, in the order of the fields, at most {@link MOST_FAULTS}; for no input at all too
 */
export function check<S extends Schema<unknown>>(
  schema: S,
  input: unknown,
): Exclude<InferType<S>, undefined> {
  if (input === undefined) throw faulty('input', fact('check.required'));
  try {
    return schema.validateSync(input, { strict: true, abortEarly: false }) as Exclude<
      InferType<S>,
      undefined
    >;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const leaves = error.inner.length > 0 ? error.inner : [error];
    const seen = new Set<string>();
    const faults: Fault[] = [];
    for (const { path, errors } of leaves) {
      // What a field says of a value is a fact: yup passes on whatever a message gives.
      const fault = { path: path || 'input', message: errors[0] as unknown as Fact };
      const key = JSON.stringify(fault);
      if (seen.has(key)) continue;
      seen.add(key);
      if (faults.length < MOST_FAULTS) faults.push(fault);
    }
    if (seen.size > MOST_FAULTS) {
      const more = seen.size - MOST_FAULTS;
      faults.push({ path: 'input', message: fact('check.moreFaults', { more }) });
    }
    throw new FaultyInput(faults);
  }
}
