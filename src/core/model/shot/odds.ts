import { meanOfWorst } from '@/core/ground/numeric/order';
import { footingOf, madeWith } from '../spread/footing';
import type { Setup } from '../swing/setup';
import { outcomeAhead } from './outcome';
import { stakesOf } from './stakes';
import { meantBy, play, readyFor } from './play';
import type { Golfer } from '../golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT, type SwingError } from '../swing/swingError';

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

/**
 * Odds of a set-up over the first `count` of the given swings; at least one.
 *
 * @param known odds of the same set-up over fewer of the same swings: those are not played again
 */
export function oddsOf(
  setup: Setup,
  golfer: Golfer,
  shot: Shot,
  aim: number,
  swings: readonly SwingError[],
  count = swings.length,
  known: Odds | null = null,
): Odds {
  const each = new Float64Array(count);
  const finishes = new Float64Array(count);
  const across = new Float64Array(count);
  const footing = footingOf(setup, shot);
  const error = { ...AS_MEANT };
  const ready = readyFor(setup, golfer, shot);
  const stakes = stakesOf(shot, golfer.skill);
  const meant = play(ready, meantBy(golfer), aim);
  const heavy = FAT_SHARE * (meant.finish.carry || Infinity);
  const from = known && known.each.length <= count ? known.each.length : 0;
  if (known && from > 0) {
    each.set(known.each);
    finishes.set(known.finishes);
    across.set(known.across);
  }
  let out = from && known!.out * from;
  let lip = from && known!.lip * from;
  let green = from && known!.green * from;
  let thin = from && known!.thin * from;
  let fat = from && known!.fat * from;
  let within2m = from && known!.within2m * from;
  let strokes = from && known!.strokes * from;
  for (let i = from; i < count; i++) {
    const played = play(ready, madeWith(swings[i]!, footing, error), aim);
    const { finish } = played;
    const outcome = outcomeAhead(finish, ready.ahead, stakes);
    each[i] = outcome.strokes;
    finishes[i] = finish.x;
    across[i] = finish.y;
    out += outcome.out;
    lip += outcome.lip;
    green += outcome.green;
    within2m += outcome.within2m;
    strokes += outcome.strokes;
    if (played.thin) thin += 1;
    else if (finish.carry < heavy && played.path > meant.path) fat += 1;
  }
  return {
    out: out / count,
    lip: lip / count,
    green: green / count,
    thin: thin / count,
    fat: meant.finish.carry > 0 ? fat / count : 0,
    within2m: within2m / count,
    strokes: strokes / count,
    worstTenth: meanOfWorst(each, 0.1),
    each,
    finishes,
    across,
  };
}
