import { fact, type Fact } from '@/core/ground/fact/fact';
import { check, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  integerField,
  listField,
  patternField,
  proseField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';
import { clockField, dayField, playerIdField } from '@/core/contract/check/ids';
import { MOST_SETS } from '../drills/dose';
import { drillIdField, MOST_BALLS } from '../drills/drill';

/** Days of the week by their numbers of ISO 8601: 1 is Monday. */
export const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;

/** Most weeks, and most drills, of a plan. */
export const MOST_WEEKS = 12;
export const MOST_ITEMS = 12;

const itemSchema = exactObject({
  drill: required(drillIdField),
  balls: required(integerField(1, MOST_BALLS)),
  /** Sets that the balls are hit in, where they are hit in several. */
  sets: integerField(2, MOST_SETS),
});

/** A drill of a plan with all its balls of a session; those that stand first come most often. */
export type PlanItem = Of<typeof itemSchema>;

/** What becomes of the sessions after one that was missed: they move up by one, or it lapses. */
export const MISSED = ['shift', 'lapse'] as const;

export const homeworkFields = {
  player: required(playerIdField),
  starts_on: required(dayField),
  weeks: required(integerField(1, MOST_WEEKS)),
  weekdays: required(listField(integerField(1, 7), 1, 7)),
  at: required(clockField),
  minutes: required(integerField(10, 120)),
  where: required(textField(0, 120)),
  /** Name of the time zone in the IANA database, in which `at` is meant. */
  zone: required(patternField(/^[A-Za-z0-9_+/-]{1,60}$/, fact('check.timeZone'))),
  missed: required(wordField(MISSED)),
  items: required(listField(itemSchema, 1, MOST_ITEMS)),
  note: required(proseField(2000)),
};

const homeworkSchema = exactObject(homeworkFields);

/** Practice that a player takes home: when, where, which drills. */
export type Homework = Of<typeof homeworkSchema>;

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/**
 * Checks a plan of practice.
 *
 * @param today the day on which a new plan is made: it may not begin before; absent for one that stands already
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readHomework(input: unknown, today?: string): Homework {
  const plan = check(homeworkSchema, input);
  const faults: Fault[] = [];
  if (today !== undefined && plan.starts_on < today) {
    faults.push({
      path: 'starts_on',
      message: fact('homework.past', {
        day: plan.starts_on,
        today,
      }),
    });
  }
  if (!isZone(plan.zone)) {
    faults.push({
      path: 'zone',
      message: fact('homework.timeZone', { zone: plan.zone }),
    });
  }
  const twice = (values: readonly unknown[], path: (i: number) => string, what: Fact): void =>
    values.forEach((value, i) => {
      if (values.indexOf(value) !== i)
        faults.push({ path: path(i), message: fact('homework.twice', { what }) });
    });
  twice(plan.weekdays, (i) => `weekdays[${i}]`, fact('homework.inTheWeek'));
  twice(
    plan.items.map(({ drill }) => drill),
    (i) => `items[${i}].drill`,
    fact('homework.inThePlan'),
  );
  if (faults.length > 0) throw new FaultyInput(faults);
  return plan;
}

/** Drills of a plan as one word of an address: `line.24.3,box.10`. */
export const itemsText = (items: readonly PlanItem[]): string =>
  items.map(({ drill, balls, sets }) => [drill, balls, ...(sets ? [sets] : [])].join('.')).join();

/** Drills out of an address; those that no plan may hold, and what comes twice, are left out. */
export function itemsFrom(text: string): PlanItem[] {
  const read = text.split(',').flatMap((each) => {
    const [drill, balls, sets] = each.split('.');
    const item = { drill, balls: Number(balls), ...(sets ? { sets: Number(sets) } : {}) };
    return itemSchema.isValidSync(item, { strict: true }) ? [item as PlanItem] : [];
  });
  const first = read.filter((item, i) => read.findIndex(({ drill }) => drill === item.drill) === i);
  return first.slice(0, MOST_ITEMS);
}
