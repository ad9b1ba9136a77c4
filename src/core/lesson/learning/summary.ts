import { robustly } from '@/core/ground/numeric/robust';
import type { Golfer } from '@/core/model/golfer/golfer';
import { callsOf } from '../peers/meant';
import { isMishit, type LoggedBall } from '../peers/recorded';
import { reachFrom, reachOf, type Reach } from './reach';

/** What one ball tells; absent what was not seen, or says nothing. */
export interface Told {
  /** Mark further back than meant, m. */
  mark?: number;
  /** Logarithm of the distance over what the model gives from that mark, or from the usual one. */
  far?: number;
  /** Logarithm of where it stopped over where it landed, less that of the model from that mark: how much further it ran. */
  run?: number;
  /** Direction off the line, radians, to the player's side positive. */
  side?: number;
  /** Whether it was thin, caught by the lip or left in, where that is known. */
  failed?: boolean;
  /** Whether it was thin, where that is known. */
  thin?: boolean;
}

/** Shorter than this a ball has hardly been moved, m. */
const GONE = 0.5;

/** How far a ball went, m: where it landed, or else where it stopped. */
const goneOf = ({ carry, x, y }: LoggedBall): number | undefined =>
  carry ?? (x === undefined ? undefined : Math.hypot(x, y ?? 0));

/** What each ball tells. Balls without a mark are held against the usual mark of the others. */
function toldBy(balls: readonly LoggedBall[], reachAt: (i: number) => Reach): Told[] {
  const marks = balls.map(({ entry, setup }) => (entry === undefined ? NaN : entry - setup.entry));
  const seen = marks.filter((mark) => !Number.isNaN(mark));
  const usual = seen.length > 0 ? robustly(seen).middle : 0;
  return balls.map((ball, i) => {
    const { shot, strike, x, y } = ball;
    const mishit = isMishit(ball);
    const told: Told = {};
    const mark = marks[i]!;
    if (!Number.isNaN(mark)) told.mark = mark;
    const gone = goneOf(ball);
    const short = gone !== undefined && gone < Math.max(GONE, shot.lip.distance);
    if (strike !== undefined || gone !== undefined) told.failed = mishit || short;
    if (strike !== undefined) told.thin = strike === 'thin';
    if (mishit || gone === undefined || gone <= GONE) return told;
    const reach = reachAt(i);
    const from = Number.isNaN(mark) ? usual : mark;
    const stop = reachFrom(reach.stop, from);
    const landing = ball.carry === undefined ? undefined : reachFrom(reach.carry, from);
    told.far = Math.log(gone) - (landing ?? stop);
    if (x === undefined || x <= GONE) return told;
    if (landing !== undefined) told.run = Math.log(Math.hypot(x, y ?? 0) / gone) - (stop - landing);
    if (y !== undefined) told.side = Math.atan2(y, x);
    return told;
  });
}

/** The calls of balls, and what any balls that were hit for them, in the same order, tell. */
export function tellingOf(balls: readonly LoggedBall[], golfer: Golfer) {
  const calls = callsOf(balls);
  const reaches = calls.hits.map((hit) => reachOf(hit, golfer));
  const toldOf = (some: readonly LoggedBall[]): Told[] =>
    toldBy(some, (i) => reaches[calls.of[i]!]!);
  return { calls, toldOf };
}

/** Fewest values for a middle, and for a spread. */
const FEW = 2;
const FEW_FOR_SPREAD = 4;

/** What the balls tell that tell it. */
function each(told: readonly Told[], what: 'mark' | 'side' | 'far'): number[] {
  const values: number[] = [];
  for (const ball of told) {
    const value = ball[what];
    if (value !== undefined) values.push(value);
  }
  return values;
}

/** Middle and logarithm of the spread of values, where enough of them were seen. */
function note(summary: Map<string, number>, name: string, values: readonly number[]): void {
  if (values.length < FEW) return;
  const { middle, spread } = robustly(values);
  summary.set(name, middle);
  if (values.length >= FEW_FOR_SPREAD)
    summary.set(`${name} spread`, Math.log(Math.max(1e-4, spread)));
}

/**
 * Balls in a few numbers by name: middles and spreads of what they tell, how many failed, and how far single groups of them (of a club, of
 * a sand) lie from the middle of all. A number that too few balls tell is absent.
 *
 * @param groupsOf the groups of each ball, by any names
 */
export function summaryOf(
  told: readonly Told[],
  groupsOf: readonly (readonly string[])[],
): Map<string, number> {
  const summary = new Map<string, number>();
  for (const what of ['mark', 'side', 'far'] as const) note(summary, what, each(told, what));
  note(
    summary,
    'far from a mark',
    each(
      told.filter(({ mark }) => mark !== undefined),
      'far',
    ),
  );
  const byGroup = new Map<string, number[]>();
  told.forEach(({ far }, i) => {
    if (far === undefined) return;
    for (const group of groupsOf[i]!) {
      const known = byGroup.get(group);
      if (known) known.push(far);
      else byGroup.set(group, [far]);
    }
  });
  for (const [group, values] of byGroup)
    if (values.length >= FEW)
      summary.set(`far ${group}`, robustly(values).middle - summary.get('far')!);
  let known = 0;
  let failed = 0;
  for (const ball of told) {
    if (ball.failed === undefined) continue;
    known++;
    if (ball.failed) failed++;
  }
  // The square root of a share, as angles are taken of counts: its spread hardly hangs on the share.
  if (known >= FEW_FOR_SPREAD) summary.set('failed', Math.asin(Math.sqrt(failed / known)));
  return summary;
}
