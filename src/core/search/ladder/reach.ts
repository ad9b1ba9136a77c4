import type { Player } from '@/core/ground/player/player';
import type { SandPreset } from '@/core/ground/sand/presets';
import { solveFor } from '../candidates/solve';
import { oddsOf } from '@/core/model/shot/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { SwingError } from '@/core/model/swing/swingError';
import { swingClock } from '@/core/ground/units/clock';
import { quantile } from '@/core/ground/numeric/order';
import { ladderShot } from './ladderShot';
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

/**
 * What reaches a distance: every club of the bag in a way of playing, its swing solved for it; those that reach it
 * first, the surest of them (the narrowest eight in ten) first of all.
 *
 * @param distance m, above 3
 * @throws RangeError for a distance that is not
 */
export function whatReaches(
  distance: number,
  to: ReachTo,
  player: Player,
  golfer: Golfer,
  styles: readonly LadderStyle[],
  sand: SandPreset,
  swings: readonly SwingError[],
): Reach[] {
  if (!(distance > 3 && distance <= 220)) {
    throw new RangeError('the distance must be above 3 and at most 220 m');
  }
  const shot = { ...ladderShot(sand, distance), ...(to === 'carry' ? { carry: distance } : {}) };
  const found: Reach[] = [];
  for (const style of styles) {
    for (const club of player.bag) {
      const school = schoolFor(style, club, player);
      if (!school) continue;
      const setup = styleSetup(style, school, club, school.fraction[1], shot);
      const solved = solveFor(setup, school, golfer, shot, 0);
      if (solved.state !== 'solved') {
        const why = solved.state === 'too-far' ? 'too-far' : 'too-short';
        found.push({ club: club.name, style, reaches: false, why, most: solved.finish.carry });
        continue;
      }
      const odds = oddsOf(solved.setup, golfer, shot, solved.aim, swings);
      found.push({
        club: club.name,
        style,
        reaches: true,
        clock: swingClock(solved.setup.fraction),
        fraction: solved.setup.fraction,
        carry: solved.finish.carry,
        finish: Math.hypot(solved.finish.x, solved.finish.y),
        low: quantile(odds.finishes, 0.1),
        high: quantile(odds.finishes, 0.9),
        thin: odds.thin,
      });
    }
  }
  const width = (reach: Reach): number => (reach.reaches ? reach.high - reach.low : Infinity);
  return found.sort((a, b) => width(a) - width(b));
}
