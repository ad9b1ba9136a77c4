import { normalCdf } from '../numeric/normal';

/** A quantity measured by hand: its value and standard uncertainty, both in the same SI unit. */
export interface Measured {
  value: number;
  sd: number;
}

/** Where something else becomes the answer, going up or down from where one stands. */
export interface Threshold {
  value: number;
  direction: 'up' | 'down';
  text: string;
}

/** A threshold that the measurement cannot rule out, with the chance that the truth lies beyond it. */
export interface Doubt extends Threshold {
  chance: number;
}

/** Chances under this are not worth a second measurement. */
const WORTH_TELLING = 0.03;

/**
 * The thresholds that a measurement leaves in doubt, most likely first: the chance that the true value lies beyond each,
 * for a normal error.
 *
 * @example
 * doubts({ value: 5, sd: 1 }, []); // => []
 */
export function doubts(measured: Measured, thresholds: readonly Threshold[]): Doubt[] {
  return thresholds
    .map((threshold) => {
      const z = (threshold.value - measured.value) / Math.max(measured.sd, 1e-9);
      return { ...threshold, chance: normalCdf(threshold.direction === 'up' ? -z : z) };
    })
    .filter(({ chance }) => chance >= WORTH_TELLING)
    .sort((a, b) => b.chance - a.chance);
}
