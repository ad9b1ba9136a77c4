import type { Bed } from '@/core/ground/sand/bed';
import type { Launch } from './launch';

/**
 * Share of a side slope that the face leans with: the sole is set to it in part only, since grip and posture give.
 * Tuned to what coaches allow for aim.
 */
const ACROSS_SHARE = 0.6;

/**
 * Turns a launch from the frame of the sand's surface to that of the ground: up by the slope along the line, and
 * towards the player's side by the slope across it (a ball above the feet goes to the player's side).
 *
 * @param launch changed in place
 */
export function onSlope(launch: Launch, bed: Bed): void {
  if (bed.along !== 0) {
    const c = Math.cos(bed.along);
    const s = Math.sin(bed.along);
    const { vx, vz, wx, wz } = launch;
    launch.vx = vx * c - vz * s;
    launch.vz = vx * s + vz * c;
    launch.wx = wx * c - wz * s;
    launch.wz = wx * s + wz * c;
  }
  if (bed.across !== 0) {
    const c = Math.cos(bed.across * ACROSS_SHARE);
    const s = Math.sin(bed.across * ACROSS_SHARE);
    const { vy, vz, wy, wz } = launch;
    launch.vy = vy * c + vz * s;
    launch.vz = vz * c - vy * s;
    launch.wy = wy * c + wz * s;
    launch.wz = wz * c - wy * s;
  }
}
