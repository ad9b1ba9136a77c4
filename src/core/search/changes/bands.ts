import { borderBetween } from './border';
import { FACTOR } from './factors';
import { type Called, sameOrNone } from '../calls/call';
import { callingFirst } from '../calls/leaders';
import type { Question } from '../calls/question';

/** A stretch of distances over which one call stands; null where nothing gets out. */
export interface Band {
  /** Ball to the flag, m. */
  from: number;
  to: number;
  best: Called | null;
}

/** To this many metres a border between two bands is found where nobody says. */
const FINE = 0.1;

/** So far past a border at least the call that was found there is looked at again: a step, as distances are said, m. */
export const A_STEP = 0.35;

/**
 * The call along the distance, everything else as it stands: looked at in even steps outwards from where the flag is, and a step past
 * every border; the borders between are found by halving. Yields the bands found so far, nearest first, after each look.
 *
 * @param from nearest flag, m, and `to` farthest; the shot's own flag lies between
 * @param steps how many places are looked at to either side, at least 1
 * @param here the call at the flag, when it is known
 * @param fine how near a border is found, m
 * @throws RangeError when the flag does not lie in the range or there are too few steps
 */
export function* bandsAlong(
  question: Question,
  from: number,
  to: number,
  steps: number,
  here?: Called | null,
  fine: number = FINE,
): Generator<Band[]> {
  const { pin } = question.shot;
  if (!(from < pin && pin < to) || steps < 1) {
    throw new RangeError('bandsAlong: needs a range round the flag and at least one step');
  }
  const at = (distance: number): Generator<void, Called | null> =>
    callingFirst({ ...question, shot: FACTOR.distance.set(question.shot, distance) });
  const step = Math.max(A_STEP, fine);
  const first = here === undefined ? yield* meanwhile(at(pin), []) : here;
  const bands: Band[] = [{ from: pin, to: pin, best: first }];

  for (const end of [to, from]) {
    const ahead = end === to;
    let standing = first;
    let inside = pin;
    const widen = (distance: number): void => {
      const band = bands[ahead ? bands.length - 1 : 0]!;
      if (ahead) band.to = distance;
      else band.from = distance;
    };
    /** The call that takes over from the one that stands; undefined while it stands. */
    function* other(distance: number): Generator<void, { call: Called | null } | undefined> {
      const call = yield* at(distance);
      return sameOrNone(call, standing) ? undefined : { call };
    }
    const farther = (one: number, other: number): boolean => (ahead ? one > other : one < other);
    const even = (i: number): number => pin + ((end - pin) * i) / steps;
    let pastBorder: number | null = null;
    let i = 1;
    while (i <= steps) {
      const place: number = pastBorder ?? even(i);
      const found = yield* meanwhile(other(place), bands);
      if (found) {
        const looks = borderBetween(inside, { at: place, found }, fine, other);
        const border = yield* meanwhile(looks, bands);
        widen(border.at);
        standing = border.found.call;
        inside = border.at;
        const next: Band = { from: border.at, to: border.at, best: standing };
        if (ahead) bands.push(next);
        else bands.unshift(next);
        const past = border.at + (ahead ? step : -step);
        pastBorder = farther(past, end) ? end : past;
      } else {
        widen(place);
        inside = place;
        pastBorder = null;
        while (i <= steps && !farther(even(i), place)) i += 1;
        yield copied(bands);
      }
    }
  }
}

const copied = (bands: readonly Band[]): Band[] => bands.map((each) => ({ ...each }));

/** Yields the bands as they stand while something is looked for. */
function* meanwhile<T>(looks: Generator<void, T>, bands: readonly Band[]): Generator<Band[], T> {
  for (;;) {
    const look = looks.next();
    if (look.done) return look.value;
    yield copied(bands);
  }
}

/** Flags that are looked at round one: from this near, m, or just past the lip, to nearly twice as far; places to either side. */
const NEAREST = 4.5;
const PAST_LIP = 2;
const FARTHEST = 1.8;
const PLACES = 8;

/** {@link bandsAlong} the distances that are worth a look from where the flag stands. */
export function bandsRound(question: Question, here?: Called | null): Generator<Band[]> {
  const { pin, lip } = question.shot;
  const from = Math.min(pin - 0.5, Math.max(NEAREST, lip.distance + PAST_LIP));
  const to = Math.max(from + 10, pin * FARTHEST);
  return bandsAlong(question, from, to, PLACES, here);
}
