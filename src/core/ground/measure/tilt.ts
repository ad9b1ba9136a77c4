import type { Hand } from '../player/player';
import { inverseNormal } from '../numeric/normal';
import { seededUint32 } from '../numeric/random';
import type { Measured } from './measured';

/** A reading of a device laid on the ground with its top to the flag, degrees: top up +, right side down +. */
export interface TiltReading {
  topUp: number;
  rightDown: number;
}

/** Tilt of the ground, degrees: up-slope along the line +, ball above the feet +. */
export interface GroundTilt {
  along: Measured;
  across: Measured;
}

/** How far a telephone's level may be out of true, and how evenly it lies on sand, degrees. Tuned. */
const LEVEL_SD = 0.5;
const BEDDING_SD = 0.8;

/** Readings that a tilt is taken from, at least. */
export const LEAST_READINGS = 5;

function mean(values: readonly number[]): Measured {
  const n = values.length;
  const value = values.reduce((sum, v) => sum + v, 0) / n;
  const variance = values.reduce((sum, v) => sum + (v - value) ** 2, 0) / (n - 1);
  return { value, sd: Math.hypot(Math.sqrt(variance / n), LEVEL_SD, BEDDING_SD) };
}

/**
 * Tilt of the ground from a device that lies on it. A right-hander stands to the left of the line: ground that falls to
 * the right puts the ball below the feet.
 *
 * @param readings at least {@link LEAST_READINGS}
 * @throws RangeError with fewer
 */
export function groundTilt(readings: readonly TiltReading[], handed: Hand): GroundTilt {
  if (readings.length < LEAST_READINGS) {
    throw new RangeError(`a tilt needs at least ${LEAST_READINGS} readings`);
  }
  const side = handed === 'right' ? -1 : 1;
  return {
    along: mean(readings.map(({ topUp }) => topUp)),
    across: mean(readings.map(({ rightDown }) => side * rightDown)),
  };
}

const JITTER_DEG = 0.3;

/**
 * The stand-in for a tilt sensor: readings of a device lying on ground of this tilt, degrees, with the jitter of a real
 * one. Same seed, same readings.
 */
export function* simulatedTilt(
  truth: { along: number; across: number },
  handed: Hand,
  seed: number,
): Generator<TiltReading, never> {
  const next = seededUint32(seed);
  const jitter = (): number => JITTER_DEG * inverseNormal((next() + 0.5) / 2 ** 32);
  const side = handed === 'right' ? -1 : 1;
  for (;;) {
    yield { topUp: truth.along + jitter(), rightDown: side * truth.across + jitter() };
  }
}
