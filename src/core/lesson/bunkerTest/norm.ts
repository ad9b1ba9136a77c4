import type { Player, Skill } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import { golferOf } from '@/core/model/golfer/golferOf';
import { outcomeOf } from '@/core/model/shot/outcome';
import { play, readyFor } from '@/core/model/shot/play';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { sampleSwings } from '@/core/model/spread/swings';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { callingHit } from '@/core/search/calls/leaders';
import { bandOf, BANDS, STAYED_IN } from './bands';

/** The chance of each band. */
export type Chances = number[];

const SWINGS = 1024;
const SEED = 21;

/** Nothing is taken for impossible: a share of every norm is spread evenly over the bands. Tuned to how often a number is miscounted. */
const SURPRISE = 0.02;

/**
 * Where balls of a level end up from a shot, as the engine calls it for this bag and plays it. Null where nothing is called at the flag.
 * Pauses as the search does.
 */
export function* normFor(
  { handed, bag }: Pick<Player, 'handed' | 'bag'>,
  skill: Skill,
  shot: Shot,
): Generator<void, Chances | null> {
  const player: Player = { handed, bag, skill };
  const hit = yield* callingHit({ player, shot });
  if (!hit) return null;
  const golfer = golferOf(player);
  const ready = readyFor(hit.setup, golfer, shot);
  const footing = footingOf(hit.setup, shot);
  const error = { ...AS_MEANT };
  const chances = new Array<number>(BANDS).fill(SURPRISE / BANDS);
  for (const swing of sampleSwings(golfer.habits, SWINGS, SEED)) {
    const { finish } = play(ready, madeWith(swing, footing, error), hit.aim);
    const { out } = outcomeOf(finish, shot, skill);
    const share = (1 - SURPRISE) / SWINGS;
    chances[bandOf(Math.hypot(finish.x - shot.pin, finish.y))]! += share * out;
    chances[STAYED_IN]! += share * (1 - out);
  }
  return chances;
}
