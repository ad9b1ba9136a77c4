import { borderBetween } from './border';
import { FACTOR } from './factors';
import type { Question } from '../calls/question';
import { leaders, quickQuestion, sameCall, type Leader } from './quick';
import { TIE_STROKES } from '../candidates/rank';

/** A stretch of distances over which one call stands; null where nothing gets out. */
export interface Band {
  /** Ball to the flag, m. */
  from: number;
  to: number;
  best: Leader | null;
}

/** To this many metres a border between two bands is found. */
const FINE = 0.3;

/** A call that stands, and by how much another must beat it. */
interface Standing {
  call: Leader | null;
  margin: number;
}

/**
 * The call along the distance, everything else as it stands: looked at in even steps outwards from where the flag is,
 * where the call that was made keeps its ties; the borders between are found by halving. Yields the bands found so
 * far, nearest first, after each look.
 *
 * @param from nearest flag, m, and `to` farthest; the shot's own flag lies between
 * @param steps how many places are looked at to either side, at least 1
 * @param called the call that stands, when a full search has made one
 * @throws RangeError when the flag does not lie in the range or there are too few steps
 */
export function* bandsAlong(
  question: Question,
  from: number,
  to: number,
  steps: number,
  called?: Pick<Leader, 'club' | 'kind'>,
): Generator<Band[]> {
  const { pin } = question.shot;
  if (!(from < pin && pin < to) || steps < 1) {
    throw new RangeError('bandsAlong: needs a range round the flag and at least one step');
  }
  const quick = quickQuestion(question);
  const leadersAt = (at: number): Leader[] =>
    leaders(quick, FACTOR.distance.set(question.shot, at));

  /** The call at this distance, given the one that stands next to it. */
  const callAt = (at: number, { call, margin }: Standing): Leader | null => {
    const all = leadersAt(at);
    const [best] = all;
    if (!best) return null;
    const still = call && all.find((leader) => sameCall(leader, call));
    return still && still.cost - best.cost <= margin ? still : best;
  };

  /** The call that takes over from the one that stands; undefined while it stands. */
  const otherAt = (at: number, standing: Standing): { call: Leader | null } | undefined => {
    const call = callAt(at, standing);
    return sameOrNone(call, standing.call) ? undefined : { call };
  };

  const here = leadersAt(pin);
  const first = (called && here.find((leader) => sameCall(leader, called))) ?? here[0] ?? null;
  const margin = first && here[0] ? first.cost - here[0].cost + TIE_STROKES : 0;
  const bands: Band[] = [{ from: pin, to: pin, best: first }];

  for (const end of [to, from]) {
    const ahead = end === to;
    let standing: Standing = { call: first, margin };
    let inside = pin;
    const widen = (at: number): void => {
      const band = bands[ahead ? bands.length - 1 : 0]!;
      if (ahead) band.to = at;
      else band.from = at;
    };
    for (let i = 1; i <= steps; i++) {
      const at = pin + ((end - pin) * i) / steps;
      const other = otherAt(at, standing);
      if (other) {
        const looks = borderBetween(inside, { at, found: other }, FINE, (middle) =>
          otherAt(middle, standing),
        );
        const { at: outside, found } = yield* meanwhile(looks, bands);
        const best = found.call;
        widen(outside);
        standing = { call: best, margin: TIE_STROKES };
        const next: Band = { from: outside, to: outside, best };
        if (ahead) bands.push(next);
        else bands.unshift(next);
      }
      widen(at);
      inside = at;
      yield copied(bands);
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

function sameOrNone(a: Leader | null, b: Leader | null): boolean {
  return a === null || b === null ? a === b : sameCall(a, b);
}

/** Flags that are looked at round one: from this near, m, or just past the lip, to nearly twice as far; places to either side. */
const NEAREST = 4.5;
const PAST_LIP = 2;
const FARTHEST = 1.8;
const PLACES = 10;

/** {@link bandsAlong} the distances that are worth a look from where the flag stands. */
export function bandsRound(
  question: Question,
  called?: Pick<Leader, 'club' | 'kind'>,
): Generator<Band[]> {
  const { pin, lip } = question.shot;
  const from = Math.min(pin - 0.5, Math.max(NEAREST, lip.distance + PAST_LIP));
  const to = Math.max(from + 10, pin * FARTHEST);
  return bandsAlong(question, from, to, PLACES, called);
}
