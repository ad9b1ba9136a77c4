import { fact, type Fact } from '@/core/ground/fact/fact';
import { isValid, parseISO } from 'date-fns';
import { quoted } from './fault';
import { patternField, textField, type Field } from './fields';

/* Ids, days and times as they are written outside. */

/** What ids look like: UUIDs. */
export const UUID = /^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$/;

export const uuidField = patternField(UUID, fact('check.uuid'));

/** Id of a player: made by the product, free text to whoever reads it. */
export const playerIdField = textField(1, 60);

/** Years that lessons are held in. */
const YEARS = [1900, 2200] as const;

/** Text of a pattern that is also in the calendar: no 30 February, no 25 o'clock. */
function calendarField(pattern: RegExp, wanted: Fact): Field<string | undefined> {
  return patternField(pattern, wanted).test({
    name: 'calendar',
    message: ({ value }: { value: unknown }) =>
      fact('check.pattern', { wanted, value: quoted(value) }),
    test: (value) => {
      if (typeof value !== 'string' || !pattern.test(value)) return true;
      const year = Number(value.slice(0, 4));
      return year >= YEARS[0] && year <= YEARS[1] && isValid(parseISO(value));
    },
  });
}

export const timeField = calendarField(
  /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-](0\d|1[0-5]):?[0-5]\d)$/,
  fact('check.time'),
);

export const dayField = calendarField(/^\d{4}-\d\d-\d\d$/, fact('check.day'));

export const clockField = patternField(/^([01]\d|2[0-3]):[0-5]\d$/, fact('check.timeOfDay'));
