import { fact } from '@/core/ground/fact/fact';
import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  integerField,
  listField,
  numberField,
  patternField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';

/** What a drill trains, in the order in which a coach works. */
export const TRAINED = [
  'entry',
  'depth',
  'face',
  'weight',
  'finish',
  'speed',
  'distance',
  'aim',
  'lip',
  'buried',
  'slopes',
  'long',
  'club choice',
] as const;

export type Trained = (typeof TRAINED)[number];

/** How hard a drill is on wrists, elbows and back. */
export const LOADS = ['light', 'full', 'buried'] as const;

export type Load = (typeof LOADS)[number];

/** What is drawn, laid out or dug. Far ones are drawn as seen from above, near ones beside the ball. */
export const MARK_KINDS = ['line', 'box', 'dent', 'tee', 'gate', 'band'] as const;

/** Farthest that anything is set up from the ball, cm. */
const FARTHEST_CM = 8000;

const markSchema = exactObject({
  kind: required(wordField(MARK_KINDS)),
  /** Where it begins, ahead of the ball; behind it when negative. */
  from_cm: required(numberField(-200, FARTHEST_CM, 'cm')),
  /** Where it ends; absent for what has no length. */
  to_cm: numberField(-200, FARTHEST_CM, 'cm'),
  /** Across the line of play. */
  width_cm: numberField(1, 1000, 'cm'),
});

/** Something that is set up for a drill, along the line of play from the ball. */
export type DrillMark = Of<typeof markSchema>;

/** Most balls of one drill in one session. */
export const MOST_BALLS = 60;

/** Most steps and marks of a drill, and most drills of a file or list. */
const MOST_PARTS = 10;
export const MOST_DRILLS = 200;

export const drillIdField = patternField(/^[a-z0-9-]{1,60}$/, fact('check.id'));

export const drillFields = {
  name: required(textField(1, 60)),
  /** What it is, in a sentence: as homework says it. */
  brief: required(textField(1, 200)),
  purpose: required(textField(1, 400)),
  trains: required(listField(wordField(TRAINED), 1, TRAINED.length)),
  /** Causes that the fault finder names which this drill is for. */
  cures: required(listField(textField(1, 60), 0, 30)),
  /** How it is set up; empty when nothing is drawn or laid out. */
  marks: required(listField(markSchema, 0, MOST_PARTS)),
  steps: required(listField(textField(1, 300), 1, MOST_PARTS)),
  balls: required(integerField(1, MOST_BALLS)),
  /** What is counted: "10 balls, counted: ...". */
  counts: required(textField(1, 120)),
  easier: required(textField(0, 200)),
  harder: required(textField(0, 200)),
  load: required(wordField(LOADS)),
};

const drillSchema = exactObject(drillFields);

/** A drill as a coach writes it down. */
export type Drill = Of<typeof drillSchema>;

/** A drill under its id: the library's, or a coach's own. */
export type NamedDrill = Drill & { id: string };

/** Checks a drill. Throws FaultyInput naming every field that is wrong and what is allowed. */
export const readDrill = (input: unknown): Drill => check(drillSchema, input);
