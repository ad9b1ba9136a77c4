import { degrees } from '@/core/ground/units/angle';
import { prescribe } from '@/core/search/calls/prescribe';
import { sameOrNone, type Called } from '@/core/search/calls/call';
import type { Change } from '@/core/search/changes/changes';
import type { FactorName } from '@/core/search/changes/factors';
import type { Question } from '@/core/search/calls/question';
import { FaultyInput } from '@/core/contract/check/fault';
import { readShot, type ShotInput } from '@/core/contract/shot/shot';
import { readSituation } from '@/core/contract/shot/situation';

/* Thresholds that are named, tried a step before and a step after through the front door. Shared by the tests and by the bench. */

/** A situation in the outside format, as far as a trial moves it. */
export interface Tried {
  player: object;
  shot: Record<string, unknown>;
}

/** A flag further away or nearer: the green goes along, as it does at the desk. */
function movedTo(pin: number, input: Tried['shot']): object {
  const { shot } = readShot(input as ShotInput, 1);
  const by = pin - shot.pin;
  return {
    pin_m: pin,
    edge_m: Math.min(Math.max(shot.lip.distance, shot.edge + by), pin),
    back_m: shot.back + by,
    ...Object.fromEntries(['pin_yd', 'edge_yd', 'back_yd'].map((field) => [field, undefined])),
  };
}

/** The field of a situation that a factor moves, with its value in the outside format. */
const FIELD: Record<FactorName, (value: number, shot: Tried['shot']) => object> = {
  lip: (value, { lip }) => ({ lip: { ...(lip as object), height_m: value, height_ft: undefined } }),
  distance: movedTo,
  sand: (value) => ({ sand: { firmness: value } }),
  lie: (value) => ({ lie: undefined, burial_mm: value * 1000 }),
  slope: (value) => ({ slope: { along_deg: degrees(value) } }),
  wind: (value) => ({ wind: { speed_mps: Math.abs(value), from_deg: value < 0 ? 0 : 180 } }),
};

/** One step of what is moved: a threshold is known to no more than this. */
const STEP: Record<FactorName, number> = {
  lip: 0.06,
  distance: 0.35,
  sand: 0.05,
  lie: 0.0012,
  slope: 0.014,
  wind: 0.6,
};

/** Nearer than this in cost two calls are one to the search: which of them is made there is chance, strokes. */
const EVEN = 0.004;

/** The question of a situation; null where it cannot be read: a lip below nothing. */
function questionOf(asked: unknown): Question | null {
  try {
    return readSituation(asked).question;
  } catch (error) {
    if (error instanceof FaultyInput) return null;
    throw error;
  }
}

/** What is moved from where it stands, and to where. */
export type Move = readonly [factor: FactorName, value: number];

/** Whether this is called, or as good as called, when something is said anew through the front door. */
export function calledAt(
  situation: Tried,
  moves: readonly Move[],
  expected: Called | null,
  within: number = EVEN,
): boolean {
  const shot = moves.reduce(
    (said, [factor, value]) => ({ ...said, ...FIELD[factor](value, said) }),
    situation.shot,
  );
  const asked: unknown = JSON.parse(JSON.stringify({ ...situation, shot }));
  const question = questionOf(asked);
  // A step past what can be read at all proves nothing.
  if (!question) return true;
  const told = prescribe(question).calls;
  const [first] = told;
  if (!expected) return !first || first.attempt === true || first.kind === 'out-sideways';
  const wanted = told.find(({ setup, kind }) =>
    sameOrNone({ club: setup.club.name, kind }, expected),
  );
  return wanted !== undefined && wanted.cost - first!.cost <= within;
}

/** What does not hold of a threshold: a step before it, at it, and a step after it. Empty where all does. */
export function broken(
  situation: Tried,
  { factor, value, until = value, here, direction, from, to }: Change & { factor: FactorName },
): string[] {
  const step = (direction === 'up' ? 1 : -1) * STEP[factor];
  // What is said holds from where the reading stands on; behind it another call may be made.
  const behind = Math.sign(step) * (until - step - here) < 0;
  const before: readonly Move[] = behind ? [] : [[factor, until - step]];
  const tries: [where: string, expected: Called | null, moves: readonly Move[], within: number][] =
    [
      ['before', from, before, EVEN],
      ['at', to, [[factor, value]], 0],
      ['after', to, [[factor, value + step]], EVEN],
    ];
  return tries.flatMap(([where, expected, moves, within]) =>
    calledAt(situation, moves, expected, within) ? [] : [`${where} ${factor} ${value}`],
  );
}
