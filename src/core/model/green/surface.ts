import type { Beyond, GreenFirmness, Surface } from '@/core/ground/situation/green';

/** Tuned to what coaches say of a ball that lands off the green: a third of the run through fringe and short rough. */
export const RUN_SHARE: Record<Surface, number> = {
  green: 1,
  fringe: 0.6,
  fairway: 0.5,
  rough: 0.3,
  sand: 0,
};

/** The ground that each of them is, for a ball that rolls on to it. */
export const BEYOND_SURFACE: Record<Beyond, Surface> = {
  fringe: 'fringe',
  rough: 'rough',
  bunker: 'sand',
  water: 'rough',
  'out-of-bounds': 'rough',
};

/** Factor on the tilt angle in {@link bounceAndRun}: a softer green takes a deeper dent. Tuned. */
export const DENT: Record<GreenFirmness, number> = { soft: 1.25, medium: 1, firm: 0.75 };

/** Speed at which a ball leaves the ramp of a stimpmeter, m/s (6.00 ft/s; Holmes 1986). */
const RAMP_SPEED = 1.83;

/**
 * Deceleration of a rolling ball on a level green of this stimp, m/s^2: v^2 / (2 distance).
 *
 * @example
 * rollingDrag(3.048).toFixed(2); // => '0.55'
 */
export const rollingDrag = (stimp: number): number => (RAMP_SPEED * RAMP_SPEED) / (2 * stimp);
