import { meanOf } from '@/core/ground/numeric/mean';
import { student } from '@/core/ground/numeric/student';
import { drillAlarm } from '../review/luck';
import { shareOf, type Share } from '../review/stats';
import type { DrillResult } from './result';

/** How a drill goes from day to day. */
export interface DrillProgress {
  drill: string;
  /** Each day with what was counted on it, first day first. */
  days: { day: string; share: Share }[];
  all: Share;
  /** How far it has come from the first day to the last; null with too few days. */
  moved: { by: number; low: number; high: number } | null;
}

const shareOfAll = (results: readonly Pick<DrillResult, 'count' | 'of'>[]): Share =>
  shareOf(
    results.reduce((sum, { count }) => sum + count, 0),
    results.reduce((sum, { of }) => sum + of, 0),
  );

/** Fewer days than this say nothing of a change: days differ by themselves. */
const FEWEST_DAYS = 4;

/** A share on the scale on which its variance is 1 / (4 n + 2) whatever it is: F. J. Anscombe (Biometrika 35, 1948). */
const evened = ({ count, of }: Share): number =>
  Math.asin(Math.sqrt((count + 3 / 8) / (of + 3 / 4)));

const shareAt = (angle: number): number => Math.sin(Math.min(Math.PI / 2, Math.max(0, angle))) ** 2;

/**
 * How far a share has come from the first of some days to the last, by the straight line through them. A day is one value, however many
 * balls it has: days differ by wind, sand and mood, and a test that takes the balls alone finds changes where only days differ. Student's t
 * of the slope, on shares evened by Anscombe, with no less than the variance that the balls alone would have.
 *
 * @param days in their order
 * @param alarm share of such looks that may find a change where there is none
 * @returns null with too few days
 */
export function movedOver(days: readonly Share[], alarm: number): DrillProgress['moved'] {
  if (days.length < FEWEST_DAYS) return null;
  const values = days.map(evened);
  const middle = meanOf(values);
  const centre = (days.length - 1) / 2;
  const across = values.reduce((sum, _, i) => sum + (i - centre) ** 2, 0);
  const slope = values.reduce((sum, value, i) => sum + (i - centre) * value, 0) / across;
  const left = values.reduce(
    (sum, value, i) => sum + (value - middle - slope * (i - centre)) ** 2,
    0,
  );
  const freedom = days.length - 2;
  const ofBalls = meanOf(days.map(({ of }) => 1 / (4 * of + 2)));
  const variance = Math.max(ofBalls, left / freedom);
  const reach = student(freedom, alarm) * Math.sqrt(variance / across);
  const start = middle - slope * centre;
  const by = (each: number): number => shareAt(start + 2 * centre * each) - shareAt(start);
  return { by: by(slope), low: by(slope - reach), high: by(slope + reach) };
}

/** Progress of each drill that was written down, in the order in which they first were. */
export function drillProgress(results: readonly DrillResult[]): DrillProgress[] {
  const ordered = [...results].sort((a, b) => a.day.localeCompare(b.day));
  const drills = [...new Set(ordered.map(({ drill }) => drill))];
  return drills.map((drill) => {
    const own = ordered.filter((result) => result.drill === drill);
    const days = [...new Set(own.map(({ day }) => day))].map((day) => ({
      day,
      share: shareOfAll(own.filter((result) => result.day === day)),
    }));
    return {
      drill,
      days,
      all: shareOfAll(own),
      moved: movedOver(
        days.map(({ share }) => share),
        drillAlarm(drills.length),
      ),
    };
  });
}
