import { softPositive } from '@/core/ground/numeric/soft';

/** Swing, as a share of full head speed, at which {@link HABITS} are stated: a half swing. */
const COMFORTABLE = 0.75;

/** Past this share of full speed a swing is forced, and everything about it grows less exact. Tuned. */
const FORCED_FROM = 0.85;
const FORCED_GROWTH = 0.5;

/** Part of the spread of speed that does not shrink with the swing, as a share of full speed. Tuned. */
const SPEED_FLOOR = 0.45;

/**
 * Factor on the spread of mark, height and attack for a swing of `fraction` of full head speed: 1 for a
 * comfortable swing, about 1.5 for everything the player has. Coaches rule a club out for this.
 *
 * @example
 * effortFactor(0.75).toFixed(2); // => '1.01'
 * effortFactor(1).toFixed(1); // => '1.5'
 */
export function effortFactor(fraction: number): number {
  const forced = softPositive(fraction - FORCED_FROM, 0.03) / (1 - FORCED_FROM);
  return 1 + FORCED_GROWTH * forced;
}

/**
 * Factor on the relative spread of head speed: a constant part and a part in proportion to the speed (the
 * signal-dependent noise of Harris and Wolpert 1998), so that very short swings are hard to measure out, times
 * {@link effortFactor}.
 *
 * @example
 * speedSpreadFactor(0.75).toFixed(2); // => '1.01'
 */
export function speedSpreadFactor(fraction: number): number {
  const relative = Math.hypot(1, SPEED_FLOOR / fraction) / Math.hypot(1, SPEED_FLOOR / COMFORTABLE);
  return relative * effortFactor(fraction);
}
