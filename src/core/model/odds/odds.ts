import { meanOfWorst } from '@/core/ground/numeric/order';
import type { Shot } from '@/core/ground/situation/shot';
import { engineHere, type BallRows } from '../batch/engine';
import { writeOne, type Scene } from '../batch/fours';
import { playSwings } from '../batch/slots';
import { speedWith, type Golfer } from '../golfer/golfer';
import { outcomeAhead } from '../shot/outcome';
import { play, readyFor, type Ready } from '../shot/play';
import { intentOf } from '../shot/strike';
import { footingOf, madeWith } from '../spread/footing';
import type { Setup } from '../swing/setup';
import { AS_MEANT, type SwingError } from '../swing/swingError';
import { meantOf, type Meant } from './asMeant';
import { sceneOf } from './scene';

/** Chances and strokes over a sample of a player's swings. */
export interface Odds {
  out: number;
  lip: number;
  green: number;
  thin: number;
  fat: number;
  within2m: number;
  strokes: number;
  worstTenth: number;
  /** Strokes of each swing, for differences between candidates on common swings. */
  each: Float64Array;
  /** Where each ball finished along the line and across it, to the player's side positive, m. */
  finishes: Float64Array;
  across: Float64Array;
}

/** A ball is heavy when it goes less than this share of what was meant, through more sand. */
const FAT_SHARE = 0.7;

/** The chances of {@link Odds} that are sums over the balls. */
type Chance = 'out' | 'lip' | 'green' | 'thin' | 'fat' | 'within2m' | 'strokes';

/** Balls counted so far: sums of what became of them, and a place for each. */
interface Tally extends Record<Chance, number> {
  each: Float64Array;
  finishes: Float64Array;
  across: Float64Array;
  /** Carry and way through sand of the ball as meant, m. */
  meant: Pick<Meant, 'carry' | 'path'>;
}

/** A tally of `count` balls with those in it that are known. */
function tallyOf(count: number, known: Odds | null, meant: Tally['meant']): Tally {
  const from = known?.each.length ?? 0;
  const sum = (of: Chance): number => (known ? known[of] * from : 0);
  const tally: Tally = {
    out: sum('out'),
    lip: sum('lip'),
    green: sum('green'),
    thin: sum('thin'),
    fat: sum('fat'),
    within2m: sum('within2m'),
    strokes: sum('strokes'),
    each: new Float64Array(count),
    finishes: new Float64Array(count),
    across: new Float64Array(count),
    meant,
  };
  if (known) {
    tally.each.set(known.each);
    tally.finishes.set(known.finishes);
    tally.across.set(known.across);
  }
  return tally;
}

/** Counts balls of the kernel: those from `first` on, of the swings from `swing` on. */
function countFours(
  tally: Tally,
  balls: BallRows,
  first: number,
  swing: number,
  count: number,
): void {
  const { carry, path } = tally.meant;
  const heavy = FAT_SHARE * carry;
  for (let k = 0; k < count; k++) {
    const i = first + k;
    const strokes = balls.strokes[i]!;
    tally.each[swing + k] = strokes;
    tally.finishes[swing + k] = balls.x[i]!;
    tally.across[swing + k] = balls.y[i]!;
    tally.strokes += strokes;
    tally.out += balls.out[i]!;
    tally.lip += balls.lip[i]!;
    tally.green += balls.green[i]!;
    tally.within2m += balls.within2m[i]!;
    if (balls.thin[i]! > 0) tally.thin += 1;
    else if (balls.carry[i]! < heavy && balls.path[i]! > path) tally.fat += 1;
  }
}

/** Plays and counts the swings from `from` on one by one. */
function countSingly(
  tally: Tally,
  ready: Ready,
  { stakes }: Scene,
  aim: number,
  swings: readonly SwingError[],
  from: number,
): void {
  const footing = footingOf(ready.setup, ready.shot);
  const heavy = FAT_SHARE * tally.meant.carry;
  const error = { ...AS_MEANT };
  for (let i = from; i < tally.each.length; i++) {
    const { finish, thin, path } = play(ready, madeWith(swings[i]!, footing, error), aim);
    const outcome = outcomeAhead(finish, ready.ahead, stakes);
    tally.each[i] = outcome.strokes;
    tally.finishes[i] = finish.x;
    tally.across[i] = finish.y;
    tally.strokes += outcome.strokes;
    tally.out += outcome.out;
    tally.lip += outcome.lip;
    tally.green += outcome.green;
    tally.within2m += outcome.within2m;
    if (thin) tally.thin += 1;
    else if (finish.carry < heavy && path > tally.meant.path) tally.fat += 1;
  }
}

/**
 * Odds of a set-up over the first `count` of the given swings; at least one. Played four at a time by the kernel; one by one by
 * the reference where there is none, and a putt.
 *
 * @param before odds of the same set-up over fewer of the same swings: those are not played again
 * @param meant the ball as meant, where it is known
 */
export function oddsOf(
  setup: Setup,
  golfer: Golfer,
  shot: Shot,
  aim: number,
  swings: readonly SwingError[],
  count = swings.length,
  before: Odds | null = null,
  meant: Pick<Meant, 'carry' | 'path'> | null = null,
): Odds {
  const known = before && before.each.length <= count ? before : null;
  const from = known?.each.length ?? 0;
  const scene = sceneOf(shot, golfer.skill);
  const tally = tallyOf(count, known, meant ?? meantOf([{ setup, aim }], golfer, shot)[0]!);
  const engine = setup.technique === 'putt' ? null : engineHere();
  if (engine) {
    const intent = intentOf(setup, speedWith(golfer, setup.club), shot);
    const footing = footingOf(setup, shot);
    const hand = (): void => writeOne(engine, scene, intent, footing, aim);
    playSwings(engine, hand, swings, from, count, (...played) => countFours(tally, ...played));
  } else countSingly(tally, readyFor(setup, golfer, shot), scene, aim, swings, from);
  const { each, finishes, across } = tally;
  return {
    out: tally.out / count,
    lip: tally.lip / count,
    green: tally.green / count,
    thin: tally.thin / count,
    fat: tally.fat / count,
    within2m: tally.within2m / count,
    strokes: tally.strokes / count,
    worstTenth: meanOfWorst(each, 0.1),
    each,
    finishes,
    across,
  };
}
