import { BALL_RADIUS, GRAVITY } from '@/core/ground/ball/ball';
import type { Count } from '@/core/ground/numeric/count';
import type { Green } from '@/core/ground/situation/green';
import { radians } from '@/core/ground/units/angle';
import { DENT, rollingDrag } from './surface';

/** Tilt of the turf under a ball landing at 18.6 m/s, after Penner (2002) who takes it to grow with speed. */
const TILT = radians(18);
const TILT_SPEED = 18.6;
const TURF_FRICTION = 0.4;

const ROLL_FROM = 0.25;
const MOST_HOPS: Count = 12;

/** Restitution of turf against speed, Penner (2002): 0.51 - 0.0375 v + 0.000903 v^2 below 20 m/s, 0.12 above. */
const restitution = (v: number): number => (v < 20 ? 0.51 - 0.0375 * v + 0.000903 * v * v : 0.12);

/** A green as a landing ball meets it, worked out once for all of them. */
export interface Turf {
  slopeCos: number;
  slopeSin: number;
  /** Tilt of the turf under a ball landing at {@link TILT_SPEED}, radians. */
  tilt: number;
  /** Deceleration of a rolling ball by the turf, and by gravity as it rolls on along the line, m/s^2. */
  drag: number;
  pull: number;
}

/** A green as a landing ball meets it. */
export const turfOf = ({ slope, firmness, stimp }: Green): Turf => ({
  slopeCos: Math.cos(slope),
  slopeSin: Math.sin(slope),
  tilt: TILT * DENT[firmness],
  drag: rollingDrag(stimp),
  pull: (5 / 7) * GRAVITY * Math.sin(slope),
});

/**
 * Distance from where a ball lands to where it stops, m, along its direction; negative when it spins back.
 *
 * Hops in vacuum with Penner's tilted-turf bounce ("The run of a golf ball", Canadian Journal of Physics 80,
 * 2002), then rolls with the deceleration of the stimp and the slope.
 *
 * @param speedAlong horizontal speed at landing, m/s, at least 0
 * @param speedDown downward speed at landing, m/s, at least 0
 * @param backspin about the horizontal axis across the line, rad/s, backspin positive
 */
export function bounceAndRun(
  speedAlong: number,
  speedDown: number,
  backspin: number,
  turf: Turf,
): number {
  const { slopeCos, slopeSin } = turf;
  let along = speedAlong * slopeCos - speedDown * slopeSin;
  let down = Math.max(0, speedDown * slopeCos + speedAlong * slopeSin);
  let rim = BALL_RADIUS * backspin;
  let travelled = 0;
  for (let hop = 0; hop < MOST_HOPS && down > ROLL_FROM; hop++) {
    const v = Math.sqrt(along * along + down * down);
    const flat = (1.3 * Math.abs(along)) / (down + 0.3 * Math.abs(along) + 1e-9);
    const tilt = turf.tilt * Math.sqrt((v / TILT_SPEED) * flat) * Math.sign(along);
    const ct = Math.cos(tilt);
    const st = Math.sin(tilt);
    const x = along * ct - down * st;
    const y = along * st + down * ct;
    const e = restitution(y);
    const slip = x + rim;
    const change =
      Math.sign(slip) * Math.min(TURF_FRICTION * (1 + e) * y, (2 / 7) * Math.abs(slip));
    const x1 = x - change;
    const y1 = e * y;
    const on = x1 * ct - y1 * st;
    const next = Math.max(0, y1 * ct + x1 * st);
    rim -= 2.5 * change;
    travelled += (on * 2 * next) / (GRAVITY * slopeCos);
    along = on - 2 * next * slopeSin;
    down = next;
  }
  return travelled + rollOut((5 * along - 2 * rim) / 7, turf);
}

/** Distance rolled from speed `v` (sign kept), m: drag of the stimp, and 5/7 g sin(slope) on a rolling sphere. */
function rollOut(v: number, { drag, pull }: Turf): number {
  // A green too steep to hold a ball lets it go on: bounded here by a tenth of the drag.
  const slowing = Math.max(drag + (v < 0 ? -pull : pull), drag / 10);
  return (v * Math.abs(v)) / (2 * slowing);
}
