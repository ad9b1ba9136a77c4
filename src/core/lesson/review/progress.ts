import { smallness, spreadInterval } from '@/core/ground/numeric/fewBalls';
import { student } from '@/core/ground/numeric/student';
import type { HistoryPoint } from './history';
import type { BallStats } from './stats';

/** What a lesson came to in one measure, with the interval that holds it nineteen times in twenty. */
export interface Measured {
  day: string;
  value: number;
  low: number;
  high: number;
  /** Balls that it rests on. */
  of: number;
}

/** A measure that is followed from lesson to lesson: shares and ratios as such, lengths in m. */
export interface Followed {
  name: 'out' | 'carry' | 'entry';
  points: Measured[];
}

type Interval = Omit<Measured, 'day'>;

const outOf = ({ out: { share, low, high, of } }: BallStats): Interval | null =>
  of === 0 ? null : { value: share, low, high, of };

/** Standard error of a median over that of a mean, for normal values: the root of pi / 2. */
const MEDIAN_ERROR = Math.sqrt(Math.PI / 2);

/**
 * How many values a median absolute deviation of few is worth, of those that a standard deviation is worth (0.37 for many, P. J.
 * Rousseeuw and C. Croux 1993); tuned to intervals that hold 95 of 100 of 5 to 30 normal values.
 */
const DEVIATION_WORTH = 0.5;

function carryOf({ carry }: BallStats): Interval | null {
  if (!carry) return null;
  const { ratio, spread, of } = carry;
  const freedom = Math.ceil((of - 1) * DEVIATION_WORTH);
  const error = (student(freedom, 0.05) * MEDIAN_ERROR * spread) / Math.sqrt(of);
  return { value: ratio, low: Math.max(0, ratio - error), high: ratio + error, of };
}

function entryOf({ entry }: BallStats): Interval | null {
  if (!entry) return null;
  const { spread, of } = entry;
  const [low, high] = spreadInterval(of).map((factor) => factor * smallness(of) * spread);
  return { value: spread, low: low!, high: high!, of };
}

/**
 * Out of the bunker, carry over the planned carry, and how widely the entry points lie, lesson by lesson; lessons with too few balls
 * for a measure are left out of it.
 */
export function progressOf(points: readonly HistoryPoint[]): Followed[] {
  const follow = (name: Followed['name'], of: (stats: BallStats) => Interval | null): Followed => ({
    name,
    points: points.flatMap(({ day, stats }) => {
      const interval = of(stats);
      return interval ? [{ day, ...interval }] : [];
    }),
  });
  return [follow('out', outOf), follow('carry', carryOf), follow('entry', entryOf)];
}
