import { scaleLinear, type ScaleLinear } from 'd3-scale';

/** Places of a section, m: along the line and above the ball. */
export interface SectionScale {
  x: ScaleLinear<number, number>;
  z: ScaleLinear<number, number>;
  /** Pixels in a metre, the same both ways: the drawing is to scale. */
  perMetre: number;
}

/** Ground kept behind the ball and past the farthest thing drawn, m; room above the highest flight, px. */
const BEHIND = 2.2;
const BEYOND = 2;
const HEADROOM = 26;

/** Share of the height that lies below the level of the ball at least, px. */
const GROUND = 46;

/**
 * One scale both ways that shows everything from behind the ball to `farthest` and up to `highest`, with the
 * ground along the foot of the drawing.
 *
 * @param lipHeight height of the green above the ball, m
 */
export function sectionScale(
  size: { width: number; height: number },
  farthest: number,
  highest: number,
  lipHeight: number,
): SectionScale {
  const across = size.width / (farthest + BEHIND + BEYOND);
  const up = (size.height - HEADROOM - GROUND) / Math.max(highest, lipHeight + 1.2);
  const perMetre = Math.min(across, up);
  const spare = size.width - perMetre * (farthest + BEHIND + BEYOND);
  const left = BEHIND * perMetre + spare * 0.25;
  const base = size.height - GROUND;
  return {
    x: scaleLinear([0, 1], [left, left + perMetre]),
    z: scaleLinear([0, 1], [base, base - perMetre]),
    perMetre,
  };
}
