import { CARRY_POWER, type Golfer } from '@/core/model/golfer/golfer';
import { openingLimitDeg } from '@/core/ground/club/club';
import { solveRising } from '@/core/ground/numeric/solveRising';
import type { School } from '../schools/school';
import type { Finish } from '@/core/model/flight/finish';
import { aimFor, playAsMeant } from '@/core/model/shot/play';
import type { Shot } from '@/core/ground/situation/shot';
import { playableBallPosition, type Setup } from '@/core/model/swing/setup';
import { radians } from '@/core/ground/units/angle';

/** A set-up solved for the distance, with the aim that goes with it and what the ball as meant does. */
export interface Solved {
  state: 'solved';
  setup: Setup;
  aim: number;
  finish: Finish;
}

/** Why there is no such set-up: "cannot reach" and "cannot get out" are states, not numbers. */
export interface Unsolved {
  state: 'cannot-reach' | 'cannot-get-out' | 'too-far';
  finish: Finish;
}

/** Distance solved to within this, m. */
const CLOSE_ENOUGH = 0.02;

/** Widest mark that "more sand to go shorter" may use, m. */
const MOST_SAND = 0.095;

/** Distance that counts: the landing where one is asked for, else where the ball stops. */
function distanceOf(finish: Finish, shot: Shot): number {
  if (shot.carry !== undefined) return finish.carry;
  return Math.sqrt(finish.x * finish.x + finish.y * finish.y) * Math.sign(finish.x || 1);
}

/** True when the ball as meant passes over the lip. */
export function clearsLip(finish: Finish, shot: Shot): boolean {
  return shot.lip.height <= 0 || finish.lipClearance > 0;
}

/** The variable that a school solves, as a change of the set-up from the longest shot (0) to the shortest (1). */
function shorten(setup: Setup, school: School, shot: Shot): (share: number) => Setup {
  switch (school.solves) {
    case 'swing': {
      const [low, high] = school.fraction;
      return (share) => ({ ...setup, fraction: high - share * (high - low) });
    }
    case 'entry': {
      const from = Math.min(...school.entry(shot));
      return (share) => {
        const next = { ...setup, entry: from + share * (MOST_SAND - from) };
        next.ballPosition = playableBallPosition(next, shot);
        return next;
      };
    }
    case 'face': {
      const most = radians(openingLimitDeg(setup.club));
      return (share) => ({ ...setup, opening: share * most });
    }
  }
}

/**
 * Solves a school's free variable for where the ball as meant lands (when the shot asks for a carry) or stops; the
 * school's longest swing is the cap.
 *
 * @param past m by which the ball should stop beyond the target, when the shot asks for no carry
 */
export function solveFor(
  setup: Setup,
  school: School,
  golfer: Golfer,
  shot: Shot,
  past: number,
): Solved | Unsolved {
  const at = shorten(setup, school, shot);
  const wanted = shot.carry ?? shot.pin + past;
  const longest = playAsMeant(at(0), golfer, shot, 0);
  const reach = distanceOf(longest, shot);
  if (!clearsLip(longest, shot)) return { state: 'cannot-get-out', finish: longest };
  if (reach < wanted - CLOSE_ENOUGH) return { state: 'cannot-reach', finish: longest };
  const shortest = playAsMeant(at(1), golfer, shot, 0);
  const least = distanceOf(shortest, shot);
  if (least > wanted + CLOSE_ENOUGH) return { state: 'too-far', finish: shortest };

  const over = (share: number): number =>
    wanted - distanceOf(playAsMeant(at(share), golfer, shot, 0), shot);
  const [low, high] = school.fraction;
  const guess =
    school.solves === 'swing' && high > low
      ? (high - high * (wanted / Math.max(reach, 1e-6)) ** (1 / CARRY_POWER)) / (high - low)
      : 0.5;
  const share = solveRising(over, 0, wanted - reach, 1, wanted - least, guess, CLOSE_ENOUGH);
  const solved = at(share);
  const aim = aimFor(solved, golfer, shot);
  const finish = playAsMeant(solved, golfer, shot, aim);
  if (!clearsLip(finish, shot)) return { state: 'cannot-get-out', finish };
  return { state: 'solved', setup: solved, aim, finish };
}

/** The school's longest swing as far as it goes, over the lip or not. */
export function farthest(setup: Setup, school: School, golfer: Golfer, shot: Shot): Solved {
  const full = shorten(setup, school, shot)(0);
  const aim = aimFor(full, golfer, shot);
  return { state: 'solved', setup: full, aim, finish: playAsMeant(full, golfer, shot, aim) };
}

/** {@link farthest} for a flag out of reach, a lay-up; it must get out. */
export function longest(
  setup: Setup,
  school: School,
  golfer: Golfer,
  shot: Shot,
): Solved | Unsolved {
  const played = farthest(setup, school, golfer, shot);
  if (clearsLip(played.finish, shot)) return played;
  return { state: 'cannot-get-out', finish: played.finish };
}
