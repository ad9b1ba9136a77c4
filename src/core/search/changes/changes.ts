import type { Club } from '@/core/ground/club/club';
import { clamp } from '@/core/ground/numeric/soft';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { radians } from '@/core/ground/units/angle';
import { sameCall, sameOrNone, type Called } from '../calls/call';
import { calledFirst, callingFirst, type Leader } from '../calls/leaders';
import type { Question } from '../calls/question';
import { A_STEP, bandsRound, type Band } from './bands';
import { nearestBorder, standingBorder, type StandingBorder } from './border';
import { FACTOR, FACTORS, type FactorName, type Span } from './factors';
import { leaders, quickQuestion } from './quick';

/** What is moved on its own: a factor of the situation, or the bounce of the club that is called. */
export const MOVED = [...FACTORS, 'bounce'] as const;
export type Moved = (typeof MOVED)[number];

/** The value of what is moved from which on another call is made, and that call. */
export interface Change {
  factor: Moved;
  /** SI; the sand's firmness from 0 to 1. */
  value: number;
  /** Where it stands. */
  here: number;
  direction: 'up' | 'down';
  /** Where what stands ends, when that is more than a step before the value: others are called between. */
  until?: number;
  /** Null when nothing gets out at the flag as the reading stands. */
  from: Called | null;
  /** Null when nothing gets out any more. */
  to: Called | null;
}

/** Where a scan stands: the call that is to be beaten. */
export interface Standpoint {
  question: Question;
  /** Where the sand stands from 0 to 1. */
  firmness: number;
  /** What is called; null when nothing gets out at the flag. */
  current: Called | null;
}

/**
 * The standpoint of a question.
 *
 * @param current what is called, when it is known already
 */
export const standpointOf = (
  question: Question,
  firmness: number,
  current: Called | null = calledFirst(question),
): Standpoint => ({ question, firmness, current });

/** What a scan moves: from where, how far, and the question at each value. */
interface Mover {
  span: Span;
  from: number;
  signs: readonly (1 | -1)[];
  at: (value: number) => Question;
}

/** Bounces that clubs are made with, and how far they are moved, radians. */
const BOUNCES: Span = {
  low: 0,
  high: radians(20),
  steps: [radians(2.5), radians(5), radians(8), radians(12), radians(20)],
  fine: radians(0.5),
};

/** Moves the bounce of the club that is called; null when no such club is called. */
function bounceMover({ question, current }: Standpoint): Mover | null {
  const { player } = question;
  const club = player.bag.find(({ name }) => name === current?.club);
  if (!club || club.type === 'putter') return null;
  const withBounce = (bounce: number): Club[] =>
    player.bag.map((each) => (each === club ? { ...club, bounce } : each));
  return {
    span: BOUNCES,
    from: club.bounce,
    signs: [1, -1],
    at: (value) => ({ ...question, player: { ...player, bag: withBounce(value) } }),
  };
}

function factorMover({ question, firmness }: Standpoint, name: FactorName): Mover {
  const factor = FACTOR[name];
  return {
    span: factor,
    from: factor.get(question.shot, firmness),
    // Nobody asks what a better lie than the one in front of them would call for.
    signs: name === 'lie' ? [1] : [1, -1],
    at: (value) => ({ ...question, shot: factor.set(question.shot, value) }),
  };
}

/** Values of a scan to one side, nearest first, within the bounds of what is moved. */
function placesFrom({ span, from }: Mover, sign: 1 | -1): number[] {
  const places = span.steps.map((step) => clamp(from + sign * step, span.low, span.high));
  return places.filter((at, i) => at !== (places[i - 1] ?? from));
}

/** Bands no wider than this, hardly more than a step, are passed over where it is said when the distance changes the call, m. */
const NARROW = A_STEP + 0.01;

/**
 * Where the call that stands at a flag ends along the distance, as bands tell it. Bands that are not seen to stand for a step are passed over.
 */
export function changesAlong(bands: readonly Band[], pin: number): Change[] {
  const at = bands.findIndex(({ from, to }) => from <= pin && pin <= to);
  const here = bands[at];
  if (!here) return [];
  const stands = ({ from, to, best }: Band): boolean =>
    !sameOrNone(best, here.best) && to - from > NARROW;
  const change = (direction: 'up' | 'down', onward: readonly Band[]): Change[] => {
    const end = direction === 'up' ? ('from' as const) : ('to' as const);
    const k = onward.findIndex(stands);
    const to = onward[k];
    if (!to) return [];
    const value = to[end];
    // What stands may come back between.
    const last = onward.slice(0, k).findLastIndex(({ best }) => sameOrNone(best, here.best));
    const until = onward[last + 1]![end];
    return [
      {
        factor: 'distance',
        value,
        here: pin,
        direction,
        ...(Math.abs(value - until) > A_STEP ? { until } : {}),
        from: here.best,
        to: to.best,
      },
    ];
  };
  return [...change('up', bands.slice(at + 1)), ...change('down', bands.slice(0, at).reverse())];
}

function* lookAlong({ question, current }: Standpoint): Generator<void, Change[]> {
  let bands: Band[] = [];
  for (bands of bandsRound(question, current)) yield;
  return changesAlong(bands, question.shot.pin);
}

/** Stretches narrower than a step that are passed over to one side: where there are more, calls come and go, and no threshold is named. */
const MOST_NARROW = 3;

/** More than a quick look can be wrong by, strokes: what leads by less may not lead. */
const DOUBT = 0.02;

/**
 * The nearest values, up and down, at which another club or kind of shot is called, when one thing alone is moved: what is named
 * for a value is what is called there. Along the distance they are the ends of the band at the flag. Yields before each look,
 * so that whoever runs it may do something else, or stop.
 */
export function* lookForChanges(stand: Standpoint, name: Moved): Generator<void, Change[]> {
  if (name === 'distance') return yield* lookAlong(stand);
  const { current } = stand;
  const mover = name === 'bounce' ? bounceMover(stand) : factorMover(stand, name);
  if (!mover) return [];
  function* look(value: number): Generator<void, Called | null | undefined> {
    const called = yield* callingFirst(mover!.at(value));
    return sameOrNone(called, current) ? undefined : called;
  }
  const quickly = (value: number): Leader[] => {
    const question = mover.at(value);
    return leaders(quickQuestion(question), question.shot);
  };
  const behind = (all: readonly Leader[]): number => {
    const still = current && all.find((leader) => sameCall(leader, current));
    return still ? still.cost - all[0]!.cost : Infinity;
  };
  const here = current ? behind(quickly(mover.from)) : 0;
  const hint = (value: number): boolean => {
    const all = quickly(value);
    return current ? behind(all) > (here === Infinity ? 0 : here) + DOUBT : all.length > 0;
  };
  const { fine, low, high } = mover.span;
  /** The border to one side; null where there is none, or the calls there come and go. */
  function* borderTo(sign: 1 | -1): Generator<void, StandingBorder<Called | null> | null> {
    const places = placesFrom(mover!, sign);
    const end = sign > 0 ? high : low;
    let from = mover!.from;
    for (let narrow = 0; narrow < MOST_NARROW; narrow++) {
      const beyond = places.filter((place) => sign * (place - from) > 0);
      const border = yield* nearestBorder(from, beyond, fine, hint, look);
      if (!border) return null;
      const standing = yield* standingBorder(from, border, end, fine, look, sameOrNone);
      if (typeof standing !== 'number') return standing;
      from = standing;
    }
    return null;
  }
  const changes: Change[] = [];
  for (const sign of mover.signs) {
    const border = yield* borderTo(sign);
    if (!border) continue;
    changes.push({
      factor: name,
      value: border.at,
      here: mover.from,
      direction: sign > 0 ? 'up' : 'down',
      ...(border.until === undefined ? {} : { until: border.until }),
      from: current,
      to: border.found,
    });
  }
  return changes;
}

/** {@link lookForChanges} without a stop. */
export const changesIn = (stand: Standpoint, name: Moved): Change[] =>
  toTheEnd(lookForChanges(stand, name));

/** When the answer changes: {@link changesIn} for everything that is moved. */
export function changesWhen(
  question: Question,
  firmness: number,
  current?: Called | null,
): Change[] {
  const stand = standpointOf(question, firmness, current);
  return MOVED.flatMap((name) => changesIn(stand, name));
}
