import type { Player } from '@/core/ground/player/player';
import { meanSand } from '@/core/ground/sand/meanSand';
import type { Sand } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { solveFor, type Solved, type Unsolved } from '../candidates/solve';
import { playAsMeant } from '@/core/model/shot/play';
import { oddsOf } from '@/core/model/odds/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { SwingError } from '@/core/model/swing/swingError';
import { swingClock } from '@/core/ground/units/clock';
import { meanOf } from '@/core/ground/numeric/mean';
import { quantile } from '@/core/ground/numeric/order';
import { ladderShot } from './ladderShot';
import type { Setup } from '@/core/model/swing/setup';
import type { School } from '../schools/school';
import { schoolFor, styleSetup, type LadderStyle } from './style';

/** What the distance asked for is measured to. */
export type ReachTo = 'carry' | 'finish';

/** A club that reaches a distance, or why it does not. Lengths in m. */
export type Reach =
  | {
      club: string;
      style: LadderStyle;
      reaches: true;
      clock: string;
      fraction: number;
      carry: number;
      finish: number;
      /** Eight in ten of the balls stop between these. */
      low: number;
      high: number;
      thin: number;
    }
  | {
      club: string;
      style: LadderStyle;
      reaches: false;
      why: 'too-far' | 'too-short';
      most: number;
    };

/** How near the mean over several sands comes to the distance, m, and how often it is tried. */
const NEAR_ENOUGH = 0.05;
const TRIES = 8;

/** A set-up and, over the sands that it is played from, where its ball as meant lands and stops. */
interface Over {
  solved: Solved | Unsolved;
  carry: number;
  finish: number;
}

/**
 * A club's swing for a distance that is meant on the mean over several sands: solved in the middle of them, for so much more or less
 * as the mean falls short or goes past.
 */
function solveOver(
  sands: readonly Sand[],
  distance: number,
  to: ReachTo,
  setupFor: (shot: Shot) => Setup,
  school: School,
  golfer: Golfer,
): Over {
  const middle = meanSand(sands);
  let asked = distance;
  for (let tries = 1; ; tries++) {
    const shot = shotTo(middle, asked, to);
    const solved = solveFor(setupFor(shot), school, golfer, shot, 0);
    const { finish } = solved;
    if (solved.state !== 'solved' || sands.length === 1) {
      return { solved, carry: finish.carry, finish: Math.hypot(finish.x, finish.y) };
    }
    const meant = sands.map((sand) =>
      playAsMeant(solved.setup, golfer, shotTo(sand, distance, to), solved.aim),
    );
    const carry = meanOf(meant.map((each) => each.carry));
    const stop = meanOf(meant.map(({ x, y }) => Math.hypot(x, y)));
    const off = distance - (to === 'carry' ? carry : stop);
    if (Math.abs(off) < NEAR_ENOUGH || tries === TRIES) return { solved, carry, finish: stop };
    asked = Math.max(1, asked + off);
  }
}

/** The shot of a ladder to a distance. */
const shotTo = (sand: Sand, distance: number, to: ReachTo): Shot => ({
  ...ladderShot(sand, distance),
  ...(to === 'carry' ? { carry: distance } : {}),
});

/**
 * What reaches a distance: every club of the bag in a way of playing, its swing solved for it; those that reach it
 * first, the surest of them (the narrowest eight in ten) first of all.
 *
 * @param distance m, above 3
 * @param sands one, or several that are as likely: the distance is meant on the mean, the swings are dealt out among them
 * @throws RangeError for a distance that is not
 */
export function whatReaches(
  distance: number,
  to: ReachTo,
  player: Player,
  golfer: Golfer,
  styles: readonly LadderStyle[],
  sands: readonly Sand[],
  swings: readonly SwingError[],
): Reach[] {
  if (!(distance > 3 && distance <= 220)) {
    throw new RangeError('the distance must be above 3 and at most 220 m');
  }
  const found: Reach[] = [];
  for (const style of styles) {
    for (const club of player.bag) {
      const school = schoolFor(style, club, player);
      if (!school) continue;
      const setupFor = (shot: Shot): Setup =>
        styleSetup(style, school, club, school.fraction[1], shot);
      const { solved, carry, finish } = solveOver(sands, distance, to, setupFor, school, golfer);
      if (solved.state !== 'solved') {
        const why = solved.state === 'too-far' ? 'too-far' : 'too-short';
        found.push({ club: club.name, style, reaches: false, why, most: carry });
        continue;
      }
      const odds = sands.map((sand, i) => {
        const dealt = swings.filter((_, k) => k % sands.length === i);
        return oddsOf(solved.setup, golfer, shotTo(sand, distance, to), solved.aim, dealt);
      });
      const finishes = odds.flatMap((each) => [...each.finishes]);
      found.push({
        club: club.name,
        style,
        reaches: true,
        clock: swingClock(solved.setup.fraction),
        fraction: solved.setup.fraction,
        carry,
        finish,
        low: quantile(finishes, 0.1),
        high: quantile(finishes, 0.9),
        thin: meanOf(odds.map(({ thin }) => thin)),
      });
    }
  }
  const width = (reach: Reach): number => (reach.reaches ? reach.high - reach.low : Infinity);
  return found.sort((a, b) => width(a) - width(b));
}
