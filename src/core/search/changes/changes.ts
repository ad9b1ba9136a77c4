import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { bandsRound, type Band } from './bands';
import { borderBetween, type Border } from './border';
import { FACTOR, FACTORS, type FactorName, type Span } from './factors';
import type { Question } from '../calls/question';
import { leaders, quickQuestion, sameCall, type Leader, type QuickQuestion } from './quick';
import { TIE_STROKES } from '../candidates/rank';

/** What is moved on its own: a factor of the situation, or the bounce of the club that is called. */
export const MOVED = [...FACTORS, 'bounce'] as const;
export type Moved = (typeof MOVED)[number];

/** The value of what is moved at which another call becomes clearly better, and that call. */
export interface Change {
  factor: Moved;
  /** SI; the sand's firmness from 0 to 1. */
  value: number;
  direction: 'up' | 'down';
  /** Null when nothing gets out at the flag as the reading stands. */
  from: Leader | null;
  /** Null when nothing gets out any more. */
  to: Leader | null;
}

/** One place of a scan: a question, and a shot to ask it of. */
interface Place {
  quick: QuickQuestion;
  shot: Shot;
}

/**
 * The call that beats `current` at this place by more than `margin`; undefined while none does, null when nothing gets
 * out any more. Where nothing got out before, the first that does.
 */
function usurper(
  { quick, shot }: Place,
  current: Leader | null,
  margin: number,
): Leader | null | undefined {
  const all = leaders(quick, shot);
  const [best] = all;
  if (!current) return best;
  if (!best) return null;
  const still = all.find((leader) => sameCall(leader, current));
  if (still && still.cost - best.cost <= margin) return undefined;
  return best;
}

/** Looks outwards in steps, then halves the last step until the change is known well enough; yields before each look. */
function* scan(
  span: Span,
  from: number,
  sign: 1 | -1,
  look: (value: number) => Leader | null | undefined,
): Generator<void, Border<Leader | null> | null> {
  let inside = from;
  for (const step of span.steps) {
    const at = Math.min(span.high, Math.max(span.low, from + sign * step));
    if (at === inside) return null;
    yield;
    const found = look(at);
    if (found !== undefined) return yield* borderBetween(inside, { at, found }, span.fine, look);
    inside = at;
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
  const margin = current ? current.cost - all[0]!.cost + TIE_STROKES : 0;
  return { question, quick, firmness, current, margin };
}

/** What a scan moves: from where, how far, and the place at each value. */
interface Mover {
  span: Span;
  from: number;
  signs: readonly (1 | -1)[];
  at: (value: number) => Place;
}

/** Bounces that clubs are made with, and how far they are moved, radians. */
const BOUNCES: Span = {
  low: 0,
  high: radians(20),
  steps: [radians(2.5), radians(5), radians(8), radians(12), radians(20)],
  fine: radians(0.5),
};

/** Moves the bounce of the club that is called; null when no such club is called. */
function bounceMover({ question, quick, current }: Standpoint): Mover | null {
  const club = quick.player.bag.find(({ name }) => name === current?.club);
  if (!club || club.type === 'putter') return null;
  const withBounce = (bounce: number): QuickQuestion => ({
    ...quick,
    player: {
      ...quick.player,
      bag: quick.player.bag.map((each) => (each === club ? { ...club, bounce } : each)),
    },
  });
  return {
    span: BOUNCES,
    from: club.bounce,
    signs: [1, -1],
    at: (value) => ({ quick: withBounce(value), shot: question.shot }),
  };
}

function factorMover({ question, quick, firmness }: Standpoint, name: FactorName): Mover {
  const factor = FACTOR[name];
  return {
    span: factor,
    from: factor.get(question.shot, firmness),
    // Nobody asks what a better lie than the one in front of them would call for.
    signs: name === 'lie' ? [1] : [1, -1],
    at: (value) => ({ quick, shot: factor.set(question.shot, value) }),
  };
}

/** Where the call that stands at a flag ends along the distance, as bands tell it. */
export function changesAlong(bands: readonly Band[], pin: number): Change[] {
  const at = bands.findIndex(({ from, to }) => from <= pin && pin <= to);
  const here = bands[at];
  if (!here) return [];
  const changes: Change[] = [];
  const change = (direction: 'up' | 'down', value: number, to: Band | undefined): void => {
    if (to) changes.push({ factor: 'distance', value, direction, from: here.best, to: to.best });
  };
  change('up', here.to, bands[at + 1]);
  change('down', here.from, bands[at - 1]);
  return changes;
}

function* lookAlong({ question, current }: Standpoint): Generator<void, Change[]> {
  let bands: Band[] = [];
  for (bands of bandsRound(question, current ?? undefined)) yield;
  return changesAlong(bands, question.shot.pin);
}

/**
 * The nearest values, up and down, at which another club or kind of shot becomes better by more than a tie, when one
 * thing alone is moved. Along the distance they are the ends of the band at the flag. Yields before each look, so that
 * whoever runs it may do something else, or stop.
 */
export function* lookForChanges(stand: Standpoint, name: Moved): Generator<void, Change[]> {
  if (name === 'distance') return yield* lookAlong(stand);
  const { current, margin } = stand;
  const mover = name === 'bounce' ? bounceMover(stand) : factorMover(stand, name);
  if (!mover) return [];
  const look = (value: number): Leader | null | undefined =>
    usurper(mover.at(value), current, margin);
  const changes: Change[] = [];
  for (const sign of mover.signs) {
    const border = yield* scan(mover.span, mover.from, sign, look);
    if (!border) continue;
    const direction = sign > 0 ? 'up' : 'down';
    changes.push({ factor: name, value: border.at, direction, from: current, to: border.found });
  }
  return changes;
}

/** {@link lookForChanges} without a stop. */
export function changesIn(stand: Standpoint, name: Moved): Change[] {
  const looks = lookForChanges(stand, name);
  for (;;) {
    const look = looks.next();
    if (look.done) return look.value;
  }
}

/** When the answer changes: {@link changesIn} for everything that is moved, found by halving on common swings. */
export function changesWhen(
  question: Question,
  firmness: number,
  called?: Pick<Leader, 'club' | 'kind'>,
): Change[] {
  const stand = standpointOf(question, firmness, called);
  return MOVED.flatMap((name) => changesIn(stand, name));
}
