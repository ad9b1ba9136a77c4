import type { Sampler } from '@/core/ground/numeric/sampling';
import { toMetres } from '@/core/ground/units/length';
import type { Hit } from '@/core/model/shot/hit';
import type { Seen } from '@/core/model/shot/seen';

/** A logged ball with the call that it was hit for. What was not seen is absent. */
export interface LoggedBall extends Hit {
  entry?: number;
  carry?: number;
  x?: number;
  y?: number;
  /** Struck so that the distance says nothing about the swing: thin, off the heel, into the lip; absent where nobody said. */
  mishit?: boolean;
  /** Measured by a device, not read by eye. */
  measured?: boolean;
  /** The kind of sand, where several are told apart. */
  sand?: string;
}

/** What eyes and pencils make of lengths: marks to a quarter inch, the rest to a yard. */
const MARK_STEP = toMetres(0.25, 'in');
const FAR_STEP = toMetres(1, 'yd');

/** How far off a number is that is something else: another ball's, another unit's, a slip: mark, m; distance, as a logarithm; across, m. Tuned. */
const OFF = { mark: 0.06, distance: 0.6, across: 3 } as const;

/**
 * What a ball is written down as: the fields that `like` has, no others.
 *
 * @param wild share of the numbers that are something else
 */
export function recorded(
  seen: Seen,
  like: LoggedBall,
  wild: number,
  { uniform, normal }: Sampler,
): LoggedBall {
  const { setup, aim, shot, measured } = like;
  const ball: LoggedBall = { setup, aim, shot };
  if (like.sand !== undefined) ball.sand = like.sand;
  const isWild = (): boolean => !measured && uniform() < wild;
  const to = (value: number, step: number): number =>
    measured ? value : step * Math.round(value / step);
  if (like.entry !== undefined) {
    ball.entry = to(seen.entry + (isWild() ? normal(0, OFF.mark) : 0), MARK_STEP);
  }
  const stray = isWild() ? Math.exp(normal(0, OFF.distance)) : 1;
  if (like.carry !== undefined) ball.carry = to(seen.carry * stray, FAR_STEP);
  if (like.x !== undefined) ball.x = to(seen.x * stray, FAR_STEP);
  if (like.y !== undefined) ball.y = to(seen.y + (isWild() ? normal(0, OFF.across) : 0), FAR_STEP);
  if (like.mishit !== undefined) ball.mishit = seen.thin || seen.lip;
  return ball;
}
