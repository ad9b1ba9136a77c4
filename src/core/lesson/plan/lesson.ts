import { check, FaultyInput, type Fault } from '@/core/tell/format/fault';
import {
  exactObject,
  flagField,
  integerField,
  listField,
  proseField,
  required,
  textField,
  type Of,
} from '@/core/tell/format/fields';
import { dayField, playerIdField } from '@/core/tell/format/ids';
import { shotSchema } from '@/core/tell/format/shot';

/** Most stations and players of a lesson. */
export const MOST_STATIONS = 12;
export const MOST_PLAYERS = 8;

const stationSchema = exactObject({
  name: required(textField(1, 80)),
  shot: required(shotSchema),
  /** Stations with the same number hit across each other: only one of them is used at a time. */
  line: required(integerField(0, 20)),
});

/** A place in the bunker that players are sent to, with the ball that lies there. */
export type Station = Of<typeof stationSchema>;

export const planSchema = exactObject({
  held_on: required(dayField),
  place: required(textField(1, 120)),
  weather: required(textField(0, 120)),
  /** Ids, in the order in which they begin. */
  players: required(listField(required(playerIdField), 1, MOST_PLAYERS)),
  stations: required(listField(stationSchema, 1, MOST_STATIONS)),
  balls_per_station: required(integerField(1, 50)),
  minutes_per_turn: required(integerField(1, 60)),
  notes: required(proseField(4000)),
});

/** A lesson as it is planned: the outside form. */
export type LessonPlan = Of<typeof planSchema>;

/** True for a day that the calendar has. */
function isDay(text: string): boolean {
  const [year, month, day] = text.split('-').map(Number) as [number, number, number];
  const leap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
  const days = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  return month >= 1 && month <= 12 && day >= 1 && day <= days[month - 1]!;
}

/**
 * Checks a planned lesson.
 *
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function readLessonPlan(input: unknown): LessonPlan {
  const plan = check(planSchema, input);
  const faults: Fault[] = [];
  if (!isDay(plan.held_on)) {
    faults.push({ path: 'held_on', message: `is no day of the calendar: ${plan.held_on}` });
  }
  plan.players.forEach((id, i) => {
    if (plan.players.indexOf(id) !== i) {
      faults.push({ path: `players[${i}]`, message: 'is in the lesson twice' });
    }
  });
  if (faults.length > 0) throw new FaultyInput(faults);
  return plan;
}

/** Summary and homework of a lesson, and whether it is closed. */
export const closingFields = {
  summary: required(proseField(8000)),
  homework: required(proseField(4000)),
  closed: required(flagField()),
};

const closingSchema = exactObject(closingFields);

/** How a lesson is closed. */
export type LessonClosing = Of<typeof closingSchema>;

/** Checks how a lesson is closed. Throws FaultyInput. */
export const readClosing = (input: unknown): LessonClosing => check(closingSchema, input);
