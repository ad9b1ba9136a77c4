import { meanOf } from '@/core/ground/numeric/mean';
import { quantile } from '@/core/ground/numeric/order';
import type { Player } from '@/core/ground/player/player';
import { meanSand } from '@/core/ground/sand/meanSand';
import type { Sand } from '@/core/ground/sand/presets';
import { seenAll } from '@/core/model/odds/seenAll';
import { playAsMeant, readyFor } from '@/core/model/shot/play';
import type { Golfer } from '@/core/model/golfer/golfer';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { fractionAtClock, swingClock } from '@/core/ground/units/clock';
import { ladderShot } from './ladderShot';
import { schoolFor, styleSetup, type LadderStyle } from './style';

/** Swings of a ladder: the lead arm as a clock hand, and everything there is. */
export const LADDER_HOURS = [7.5, 8.5, 9.5, 10.5, 11.25] as const;

/** One club with one swing. Lengths in m. */
export interface Rung {
  clock: string;
  fraction: number;
  /** The shot as planned. */
  carry: number;
  finish: number;
  apex: number;
  /** Standard deviation of the carries of the player's swings. */
  spread: number;
  /** Eight in ten of the balls stop between these. */
  low: number;
  high: number;
}

/** One club of a ladder: its rungs by swing, null where the way of playing cannot reach. */
export interface LadderRow {
  club: string;
  school: string;
  faceDeg: number;
  entry: number;
  rungs: (Rung | null)[];
}

/** Swings that each rung is rated over. */
export const LADDER_SAMPLE = 128;

/** A swing is in a school when it is this near to its range, as a share of full head speed. */
const NEAR = 0.03;

/**
 * Club by swing, what each carries and where it stops: the clubs of the bag that the way of playing takes, in the
 * order of their loft. From several sands the set-up is that for their middle, what is meant is the mean over them, and the swings
 * are dealt out among them.
 *
 * @param sands one, or several that are as likely
 * @param swings the player's swings, for the spread
 */
export function ladder(
  player: Player,
  golfer: Golfer,
  style: LadderStyle,
  sands: readonly Sand[],
  swings: readonly SwingError[],
): LadderRow[] {
  const shot = ladderShot(meanSand(sands));
  const shots = sands.map((sand) => ladderShot(sand));
  const rows: LadderRow[] = [];
  for (const club of [...player.bag].sort((a, b) => b.loft - a.loft)) {
    const school = schoolFor(style, club, player);
    if (!school) continue;
    const [least, most] = school.fraction;
    const rungs = LADDER_HOURS.map((hours): Rung | null => {
      const fraction = fractionAtClock(hours);
      if (fraction < least - NEAR || fraction > most + NEAR) return null;
      const setup = styleSetup(style, school, club, fraction, shot);
      const meant = shots.map((from) => playAsMeant(setup, golfer, from, 0));
      const bySand = shots.map((from, k) => {
        const footing = footingOf(setup, from);
        const dealt = swings.filter((_, i) => i % shots.length === k);
        const made = dealt.map((swing) => madeWith(swing, footing, { ...AS_MEANT }));
        return seenAll(readyFor(setup, golfer, from), 0, made);
      });
      const played = swings.map((_, i) => bySand[i % shots.length]![Math.floor(i / shots.length)]!);
      const carries = played.map(({ carry }) => carry);
      const finishes = played.map(({ x, y }) => Math.hypot(x, y));
      const mean = meanOf(carries);
      const variance =
        carries.reduce((sum, carry) => sum + (carry - mean) ** 2, 0) / (carries.length - 1);
      return {
        clock: swingClock(fraction),
        fraction,
        carry: meanOf(meant.map(({ carry }) => carry)),
        finish: meanOf(meant.map(({ x, y }) => Math.hypot(x, y))),
        apex: meanOf(meant.map(({ apex }) => apex)),
        spread: Math.sqrt(variance),
        low: quantile(finishes, 0.1),
        high: quantile(finishes, 0.9),
      };
    });
    if (rungs.every((rung) => rung === null)) continue;
    const setup = styleSetup(style, school, club, 1, shot);
    rows.push({
      club: club.name,
      school: school.id,
      faceDeg: Math.round((setup.opening * 180) / Math.PI),
      entry: setup.entry,
      rungs,
    });
  }
  return rows;
}
