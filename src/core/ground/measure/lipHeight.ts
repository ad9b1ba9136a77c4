import { radians } from '../units/angle';
import type { Measured } from './measured';

/** Standard uncertainty of an angle read from a telephone laid along the line of sight, radians. Tuned. */
const SIGHTING_SD = radians(1);

/** Standard uncertainty of the height of an eye or a hand over the ball, m. Tuned. */
const EYE_SD = 0.05;

/** Steepest sighting that is of use, degrees. */
export const STEEPEST_SIGHTING = 75;

/**
 * Height of the lip's edge over the ball from a sighting at it: distance times the tangent of the angle, plus the height
 * from which it was sighted; errors of angle, distance and eye combined to first order.
 *
 * @param angle above level, radians, -10 to 75 degrees
 * @param distance from the eye to the edge along the ground, m
 * @param eye height of the eye over the ball, m; 0 when the telephone lies at the ball
 * @throws RangeError outside those
 */
export function sightedLip(angle: number, distance: Measured, eye: number): Measured {
  if (!(angle >= radians(-10) && angle <= radians(STEEPEST_SIGHTING))) {
    throw new RangeError(`the sighting must be from -10 to ${STEEPEST_SIGHTING} degrees`);
  }
  if (!(distance.value > 0)) throw new RangeError('the distance to the lip must be above 0');
  const slope = Math.tan(angle);
  const perAngle = distance.value * (1 + slope * slope);
  return {
    value: Math.max(0, distance.value * slope + eye),
    sd: Math.hypot(perAngle * SIGHTING_SD, slope * distance.sd, eye > 0 ? EYE_SD : 0.01),
  };
}

/** Share of a club that judging the last part costs, as standard uncertainty; and of every club laid end to end, m. */
const PART_SD = 0.1;
const JOIN_SD = 0.02;

/**
 * A length in clubs: a club stood against the lip, or laid end to end to it.
 *
 * @param clubs 0 to 20, parts of a club judged by eye
 * @param clubLength m
 * @throws RangeError outside that
 */
export function clubLengths(clubs: number, clubLength: number): Measured {
  if (!(clubs >= 0 && clubs <= 20)) throw new RangeError('clubs must be from 0 to 20');
  const joins = Math.ceil(clubs);
  return {
    value: clubs * clubLength,
    sd: Math.hypot(PART_SD * clubLength, Math.sqrt(joins) * JOIN_SD),
  };
}
