import { ruler, type Ruler } from '../ruler';

/** Places seen from above, m: along the line and across it, to the player's side positive. */
export interface AboveScale {
  x: Ruler;
  y: Ruler;
  perMetre: number;
  forward: 1 | -1;
}

const BEHIND = 2.2;
const BEYOND = 2;
const LEAST_ACROSS = 4;

/**
 * One scale both ways that shows from behind the ball to `farthest` and `widest` to each side. The player stands at the
 * top: the flag is to the right for a right-hander and to the left for a left-hander.
 */
export function aboveScale(
  size: { width: number; height: number },
  farthest: number,
  widest: number,
  mirrored: boolean,
): AboveScale {
  const length = farthest + BEHIND + BEYOND;
  const perMetre = Math.min(
    size.width / length,
    size.height / (2 * Math.max(LEAST_ACROSS, widest)),
  );
  const spare = size.width - perMetre * length;
  const left = BEHIND * perMetre + spare / 2;
  const ball = mirrored ? size.width - left : left;
  const forward = mirrored ? -1 : 1;
  const middle = size.height / 2;
  return {
    x: ruler(ball, forward * perMetre),
    y: ruler(middle, -perMetre),
    perMetre,
    forward,
  };
}
