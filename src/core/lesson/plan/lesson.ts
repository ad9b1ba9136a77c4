import { fact } from '@/core/ground/fact/fact';
import { check, FaultyInput, type Fault } from '@/core/contract/check/fault';
import {
  exactObject,
  flagField,
  integerField,
  listField,
  proseField,
  required,
  textField,
  type Of,
} from '@/core/contract/check/fields';
import { MOST_LINES } from './line';
import { clockField, dayField, playerIdField } from '@/core/contract/check/ids';
import { shotSchema } from '@/core/contract/shot/shot';
import { stationGroundSchema } from '@/core/place/fire/stationGround';

/** Most stations and players of a lesson. */
export const MOST_STATIONS = 12;
export const MOST_PLAYERS = 8;

const stationSchema = exactObject({
  name: required(textField(1, 80)),
  shot: required(shotSchema),
  /** Stations with the same number hit across each other: only one of them is used at a time. */
  line: required(integerField(0, MOST_LINES)),
  /** Where it lies on drawn ground, where it does. */
  ground: stationGroundSchema,
});

/** A place in the bunker that players are sent to, with the ball that lies there. */
export type Station = Of<typeof stationSchema>;

/** The schema of a plan with at least so many players. */
const planOf = (least: number) =>
  exactObject({
    held_on: required(dayField),
    /** When the first turn begins, where that is set. */
    starts_at: clockField,
    place: required(textField(1, 120)),
    weather: required(textField(0, 120)),
    /** Ids, in the order in which they begin. */
    players: required(listField(required(playerIdField), least, MOST_PLAYERS)),
    stations: required(listField(stationSchema, 1, MOST_STATIONS)),
    balls_per_station: required(integerField(1, 50)),
    minutes_per_turn: required(integerField(1, 60)),
    notes: required(proseField(4000)),
  });

/** Of a plan that was kept: its players may have been erased since. */
export const planSchema = planOf(0);

/** Of a plan that is made: somebody is to come. */
const plannedSchema = planOf(1);

/** A lesson as it is planned: the outside form. */
export type LessonPlan = Of<typeof planSchema>;

/** A plan that a schema lets through, with nobody in it twice. */
function checked(schema: typeof planSchema, input: unknown): LessonPlan {
  const plan = check(schema, input);
  const faults = plan.players.flatMap((id, i): Fault[] =>
    plan.players.indexOf(id) === i
      ? []
      : [{ path: `players[${i}]`, message: fact('lesson.playerTwice') }],
  );
  if (faults.length > 0) throw new FaultyInput(faults);
  return plan;
}

/**
 * Checks a planned lesson.
 *
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export const readLessonPlan = (input: unknown): LessonPlan => checked(plannedSchema, input);

/** Checks a plan that was kept: it may have lost its players. Throws FaultyInput as {@link readLessonPlan}. */
export const readKeptPlan = (input: unknown): LessonPlan => checked(planSchema, input);

const LONGEST_HOMEWORK = 4000;

/** Homework of one player of a lesson. */
const ownHomework = exactObject({
  player: required(playerIdField),
  text: required(proseField(LONGEST_HOMEWORK)),
});

/** Summary and homework of a lesson, and whether it is closed. */
export const closingFields = {
  summary: required(proseField(8000)),
  /** For everyone who was there. */
  homework: required(proseField(LONGEST_HOMEWORK)),
  /** For single players. */
  own_homework: listField(ownHomework, 0, MOST_PLAYERS),
  closed: required(flagField()),
};

const closingSchema = exactObject(closingFields);

/** How a lesson is closed. */
export type LessonClosing = Of<typeof closingSchema>;

type Homework = Pick<LessonClosing, 'homework' | 'own_homework'>;

/** A player's own homework; empty when there is none. */
export const ownOf = ({ own_homework = [] }: Homework, player: string): string =>
  own_homework.find((own) => own.player === player)?.text ?? '';

/** What a player takes home: what is for everyone, then what is the player's own. */
export const homeworkFor = (lesson: Homework, player: string): string =>
  [lesson.homework, ownOf(lesson, player)].filter((text) => text.trim() !== '').join('\n');

/** Checks how a lesson is closed. Throws FaultyInput. */
export const readClosing = (input: unknown): LessonClosing => check(closingSchema, input);
