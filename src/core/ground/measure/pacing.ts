import type { Measured } from './measured';

/**
 * Spread of single paces, and of a coach's own pace length from day to day and slope to slope, as shares. Surveying texts
 * give about 1 in 50 for a careful pacer over long lines; sand, slope and a bag are taken to widen that (tuned).
 */
const STEP_SPREAD = 0.06;
export const PACE_DOUBT = 0.03;

/** Least and greatest pace that a grown person takes without jumping, m. */
export const PACE_RANGE = [0.5, 1.2] as const;

/**
 * A distance in paces: paces times the length of one, its uncertainty from the steps (falling with their number) and
 * from the length of the pace (which does not).
 *
 * @param paces 0 to 300
 * @param paceLength m, see {@link PACE_RANGE}
 * @throws RangeError outside those
 */
export function paced(paces: number, paceLength: number): Measured {
  const { value, sd } = stepped(paces, paceLength);
  return { value, sd: Math.hypot(sd, value * PACE_DOUBT) };
}

/**
 * The same with the uncertainty of the steps alone: where the pace that is off is the same for all that is paced.
 *
 * @throws RangeError as {@link paced}
 */
export function stepped(paces: number, paceLength: number): Measured {
  if (!(paces >= 0 && paces <= 300)) throw new RangeError('paces must be from 0 to 300');
  const [least, most] = PACE_RANGE;
  if (!(paceLength >= least && paceLength <= most)) {
    throw new RangeError(`a pace must be from ${least} to ${most} m`);
  }
  const value = paces * paceLength;
  const steps = paces > 0 ? STEP_SPREAD / Math.sqrt(paces) : 0;
  // Half a pace is what is lost or gained at the end.
  const end = paceLength / 4;
  return { value, sd: Math.hypot(value * steps, end) };
}

/**
 * The length of a pace from a known line, walked: the line's length over the paces it took.
 *
 * @throws RangeError when the pace that comes out is no pace
 */
export function paceLengthFrom(length: number, paces: number): number {
  const pace = length / paces;
  const [least, most] = PACE_RANGE;
  if (!(pace >= least && pace <= most)) {
    throw new RangeError(`${paces} paces over that line make no pace of a person`);
  }
  return pace;
}
