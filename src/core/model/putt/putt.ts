import type { SwingError } from '../swing/swingError';
import type { Finish } from '../flight/finish';
import type { Shot } from '@/core/ground/situation/shot';
import { rollDistance, type PuttGround } from './roll';

/** Fastest putt that anybody is asked for, m/s at the ball. */
export const FASTEST_PUTT = 9;

/** Share of a full swing's spread of direction and speed that a putting stroke has. Tuned. */
const PUTT_AIM = 0.45;
const PUTT_SPEED = 0.8;

export const puttGround = (shot: Shot): PuttGround => ({
  lipHeight: shot.lip.height,
  lipDistance: shot.lip.distance,
  edge: shot.edge,
  sand: shot.sand,
  green: shot.green,
});

/**
 * Where a putt from the sand finishes.
 *
 * @param fraction of {@link FASTEST_PUTT}
 */
export function puttFinish(
  fraction: number,
  error: SwingError,
  aim: number,
  shot: Shot,
): Finish & { out: boolean } {
  const speed = FASTEST_PUTT * fraction * Math.max(0.1, 1 + PUTT_SPEED * (error.speed - 1));
  const { distance, out } = rollDistance(speed, puttGround(shot));
  const angle = aim + PUTT_AIM * error.aim;
  const x = distance * Math.cos(angle);
  const y = distance * Math.sin(angle);
  return {
    carry: 0,
    apex: 0,
    lipClearance: out ? 0.001 : -Infinity,
    landing: { t: 0, x: 0, y: 0, z: 0, vx: speed, vy: 0, vz: 0 },
    x,
    y,
    out,
  };
}
