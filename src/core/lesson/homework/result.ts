import { fact, type Fact } from '@/core/ground/fact/fact';
import { check, faulty, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  integerField,
  listField,
  proseField,
  required,
  type Of,
} from '@/core/contract/check/fields';
import { dayField, uuidField } from '@/core/contract/check/ids';
import { drillIdField, type NamedDrill } from '../drills/drill';

/** Most balls of one result: a day of practice. */
const MOST_OF = 200;
export const MOST_RESULTS = 500;

export const resultFields = {
  /** Given where it is written down, so that sending it twice saves it once. */
  id: required(uuidField),
  drill: required(drillIdField),
  day: required(dayField),
  count: required(integerField(0, MOST_OF)),
  of: required(integerField(1, MOST_OF)),
  note: required(proseField(400)),
};

const resultSchema = exactObject(resultFields);

/** How a drill went on a day: so many of so many balls. */
export type DrillResult = Of<typeof resultSchema>;

const resultsSchema = exactObject({
  results: required(listField(resultSchema, 1, MOST_RESULTS)),
});

/**
 * Checks results: none counts more balls than were hit.
 *
 * @param today no result is from after it
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readResults(input: unknown, today: string): DrillResult[] {
  const { results } = check(resultsSchema, input);
  const faults = results.flatMap(({ count, of, day }, i): Fault[] => [
    ...(count > of
      ? [
          {
            path: `results[${i}].count`,
            message: fact('homework.mostBalls', { of, count }),
          },
        ]
      : []),
    ...(day > today
      ? [{ path: `results[${i}].day`, message: fact('homework.future', { day }) }]
      : []),
  ]);
  if (faults.length > 0) throw new FaultyInput(faults);
  return results;
}

/** A result as a line says it. */
export type SaidResult = Pick<DrillResult, 'drill' | 'count' | 'of' | 'note'>;

const LINE =
  /^(?<drill>.*?)\s*(?<count>\d{1,3})\s*(?:\/|of|out of)\s*(?<of>\d{1,3})\s*(?<rest>.*)$/i;

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');

/** The drills whose words begin as every typed word does. */
const called = (typed: string, drills: readonly NamedDrill[]): NamedDrill[] => {
  const asked = wordsOf(typed);
  const fits = drills.filter(({ id, name }) => {
    const words = wordsOf(`${id} ${name}`);
    return asked.every((part) => words.some((word) => word.startsWith(part)));
  });
  const named = fits.filter(({ id }) => id === asked.join('-'));
  return named.length === 1 ? named : fits;
};

/**
 * A line such as `box 7/10 ! windy`: drill, balls that counted, balls hit, and a note.
 *
 * @param drills those that may be meant
 * @throws FaultyInput that says what cannot be read
 */
export function readResultLine(line: string, drills: readonly NamedDrill[]): SaidResult {
  const fault = (message: Fact): never => {
    throw faulty('line', message);
  };
  const found = LINE.exec(line.trim())?.groups;
  if (!found) return fault(fact('homework.drillAndCount'));
  const fits = called(found.drill!, drills);
  if (fits.length === 0) return fault(fact('homework.noDrillHere', { drill: found.drill! }));
  if (fits.length > 1) {
    return fault(
      fact('homework.drillUnclear', {
        drill: found.drill!,
        list: fits.map(({ name }) => `"${name}"`).join(' or '),
      }),
    );
  }
  const [count, of] = [Number(found.count), Number(found.of)];
  if (of < 1 || of > MOST_OF) return fault(fact('homework.ballsOf', { mostOf: MOST_OF, of }));
  if (count > of) return fault(fact('homework.moreThanHit', { count, of }));
  const note = found.rest!.replace(/^!\s*/, '').slice(0, 400);
  return { drill: fits[0]!.id, count, of, note };
}
