import { sampleSwings } from '@/core/model/spread/swings';
import type { Shot } from '@/core/ground/situation/shot';
import { borderBetween } from './border';
import { FACTOR, FACTORS, type Factor, type FactorName } from './factors';
import { golferOf } from '@/core/model/golfer/golferOf';
import type { Question } from '../calls/prescribe';
import { leaders, sameCall, type Leader, type QuickQuestion } from './quick';
import { DEFAULT_CAUTION, TIE_STROKES } from '../candidates/rank';

/** Swings that the scans share. */
const SWINGS = 64;

/** The value of a factor at which another call becomes clearly better, and that call. */
export interface Change {
  factor: FactorName;
  /** SI; the sand's firmness from 0 to 1. */
  value: number;
  direction: 'up' | 'down';
  /** Null when nothing gets out at the flag as the reading stands. */
  from: Leader | null;
  /** Null when nothing gets out any more. */
  to: Leader | null;
}

/** A question made ready for scans of many shots. */
export const quickQuestion = (question: Question): QuickQuestion => {
  const golfer = golferOf(question.player);
  return {
    player: question.player,
    golfer,
    swings: sampleSwings(golfer.habits, SWINGS, question.seed),
    caution: question.caution ?? DEFAULT_CAUTION,
    schools: question.only?.length ? question.only : undefined,
  };
};

/**
 * The call that beats `current` in this shot by more than `margin`; undefined while none does, null when nothing gets
 * out any more. Where nothing got out before, the first that does.
 */
function usurper(
  quick: QuickQuestion,
  shot: Shot,
  current: Leader | null,
  margin: number,
): Leader | null | undefined {
  const all = leaders(quick, shot);
  const [best] = all;
  if (!current) return best;
  if (!best) return null;
  const still = all.find((leader) => sameCall(leader, current));
  if (still && still.score - best.score <= margin) return undefined;
  return best;
}

/** Looks outwards in steps, then halves the last step until the change is known well enough; yields before each look. */
function* scan(
  quick: QuickQuestion,
  shot: Shot,
  factor: Factor,
  from: number,
  sign: 1 | -1,
  current: Leader | null,
  margin: number,
): Generator<void, Change | null> {
  let inside = from;
  for (const step of factor.steps) {
    const at = Math.min(factor.high, Math.max(factor.low, from + sign * step));
    if (at === inside) return null;
    yield;
    const look = (value: number): Leader | null | undefined =>
      usurper(quick, factor.set(shot, value), current, margin);
    const found = look(at);
    if (found === undefined) {
      inside = at;
      continue;
    }
    const border = yield* borderBetween(inside, { at, found }, factor.fine, look);
    const direction = sign > 0 ? 'up' : 'down';
    return { factor: factor.name, value: border.at, direction, from: current, to: border.found };
  }
  return null;
}

/** Where a scan stands: the call that is to be beaten, and by how much. */
export interface Standpoint {
  question: Question;
  quick: QuickQuestion;
  /** Where the sand stands from 0 to 1. */
  firmness: number;
  current: Leader | null;
  margin: number;
}

/**
 * The standpoint of a question.
 *
 * @param firmness where the sand stands from 0 to 1
 * @param called the call that stands, when a full search has made one: ties are its to keep
 */
export function standpointOf(
  question: Question,
  firmness: number,
  called?: Pick<Leader, 'club' | 'kind'>,
): Standpoint {
  const quick = quickQuestion(question);
  const all = leaders(quick, question.shot);
  const current = (called && all.find((leader) => sameCall(leader, called))) ?? all[0] ?? null;
  const margin = current ? current.score - all[0]!.score + TIE_STROKES : 0;
  return { question, quick, firmness, current, margin };
}

/**
 * The nearest values of one factor, up and down, at which another club or kind of shot becomes better by more than a tie. Yields
 * before each look, so that whoever runs it may do something else, or stop.
 */
export function* lookForChanges(
  { question, quick, firmness, current, margin }: Standpoint,
  name: FactorName,
): Generator<void, Change[]> {
  const factor = FACTOR[name];
  const from = factor.get(question.shot, firmness);
  // Nobody asks what a better lie than the one in front of them would call for.
  const signs = name === 'lie' ? ([1] as const) : ([1, -1] as const);
  const changes: Change[] = [];
  for (const sign of signs) {
    const change = yield* scan(quick, question.shot, factor, from, sign, current, margin);
    if (change) changes.push(change);
  }
  return changes;
}

/** {@link lookForChanges} without a stop. */
export function changesIn(stand: Standpoint, name: FactorName): Change[] {
  const looks = lookForChanges(stand, name);
  for (;;) {
    const look = looks.next();
    if (look.done) return look.value;
  }
}

/** When the answer changes: {@link changesIn} for every factor, found by bisection on common swings. */
export function changesWhen(
  question: Question,
  firmness: number,
  called?: Pick<Leader, 'club' | 'kind'>,
): Change[] {
  const stand = standpointOf(question, firmness, called);
  return FACTORS.flatMap((name) => changesIn(stand, name));
}
