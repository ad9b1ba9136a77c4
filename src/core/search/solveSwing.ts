import { bisectRising } from '../numeric/bisect';
import { aimFor, meantFinish, type Golfer } from '../shot/odds';
import type { Finish } from '../shot/finish';
import type { Shot } from '../shot/shot';
import type { Setup } from '../swing/setup';

/** Shortest swing that is still a swing, as a share of full head speed: about 7:00 on the clock. */
export const SHORTEST_SWING = 0.25;

const HALVINGS = 14;

/** What a full swing does when the swing wanted does not exist. */
export type Unsolved = { state: 'cannot-reach' | 'cannot-get-out' | 'too-far'; finish: Finish };

/** A set-up with its swing and the aim that goes with it. */
export type Solved = { state: 'solved'; setup: Setup; aim: number; finish: Finish };

/**
 * Solves the length of the swing for where the ball as meant lands (when the shot asks for a carry) or stops,
 * by bisection; the player's full swing is the cap. "Cannot reach" and "cannot get out" are states, not numbers.
 *
 * @param past m by which the ball should stop beyond the flag, when the shot asks for no carry
 */
export function solveSwing(
  setup: Setup,
  golfer: Golfer,
  shot: Shot,
  past: number,
): Solved | Unsolved {
  const at = (fraction: number): { setup: Setup; aim: number; finish: Finish } => {
    const tried = { ...setup, fraction };
    const aim = aimFor(tried, golfer, shot);
    return { setup: tried, aim, finish: meantFinish(tried, golfer, shot, aim) };
  };
  const miss = (finish: Finish): number =>
    shot.carry === undefined ? finish.x - shot.pin - past : finish.carry - shot.carry;

  const full = at(1);
  const cleared = shot.lip.height === 0 || (full.finish.lipClearance ?? -1) > 0;
  if (!cleared) return { state: 'cannot-get-out', finish: full.finish };
  if (miss(full.finish) < 0) return { state: 'cannot-reach', finish: full.finish };
  const shortest = at(SHORTEST_SWING);
  if (miss(shortest.finish) > 0) return { state: 'too-far', finish: shortest.finish };
  const fraction = bisectRising((f) => miss(at(f).finish), SHORTEST_SWING, 1, HALVINGS);
  return { state: 'solved', ...at(fraction) };
}
