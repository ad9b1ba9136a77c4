import { check, FaultyInput, type Fault } from '@/core/tell/format/fault';
import {
  exactObject,
  flagField,
  integerField,
  listField,
  patternField,
  proseField,
  required,
  textField,
} from '@/core/tell/format/fields';
import { shotSchema } from '@/core/tell/format/situationSchema';
import type { ShotInput } from '@/core/tell/reading/reading';

/** A place in the bunker that players are sent to, with the ball that lies there. */
export interface Station {
  name: string;
  shot: ShotInput;
  /** Stations with the same number hit across each other: only one of them is used at a time. */
  line: number;
}

/** A lesson as it is planned: the outside form. */
export interface LessonPlan {
  /** Day, as YYYY-MM-DD. */
  held_on: string;
  place: string;
  weather: string;
  /** Ids of the players, in the order in which they begin. */
  players: string[];
  stations: Station[];
  balls_per_station: number;
  minutes_per_turn: number;
  notes: string;
}

const stationSchema = exactObject({
  name: required(textField(1, 80)),
  shot: required(shotSchema),
  line: required(integerField(0, 20)),
});

export const planSchema = exactObject({
  held_on: required(patternField(/^\d{4}-\d\d-\d\d$/, 'a day as YYYY-MM-DD')),
  place: required(textField(1, 120)),
  weather: required(textField(0, 120)),
  players: required(listField(required(textField(1, 60)), 1, 8)),
  stations: required(listField(stationSchema, 1, 12)),
  balls_per_station: required(integerField(1, 50)),
  minutes_per_turn: required(integerField(1, 60)),
  notes: required(proseField(4000)),
});

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
  const plan = check<LessonPlan>(planSchema, input);
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

/** How a lesson is closed. */
export interface LessonClosing {
  summary: string;
  homework: string;
  closed: boolean;
}

const closingSchema = exactObject({
  summary: required(proseField(8000)),
  homework: required(proseField(4000)),
  closed: required(flagField()),
});

/** Checks how a lesson is closed. Throws FaultyInput. */
export const readClosing = (input: unknown): LessonClosing => check(closingSchema, input);
