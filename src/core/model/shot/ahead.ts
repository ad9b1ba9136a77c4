import type { Wind } from '@/core/ground/situation/wind';
import { greenHalfWidth } from '@/core/ground/situation/ground';
import type { Shot } from '@/core/ground/situation/shot';
import { turfOf, type Turf } from '../green/bounceAndRun';
import { BEYOND_SURFACE, RUN_SHARE } from '../green/surface';

/** What lies ahead of a ball, in numbers that all balls of a shot share; m. */
export interface Ahead {
  lipHeight: number;
  lipDistance: number;
  wind: Wind;
  turf: Turf;
  /** Front and back edge of the green, and how far it reaches to each side. */
  edge: number;
  back: number;
  halfWidth: number;
  holeX: number;
  holeY: number;
  /** Share of the green's run that the ground past the green leaves a ball. */
  pastShare: number;
  /** True of a way out that is not at the flag, and the share of the run that the ground there leaves. */
  away: boolean;
  awayShare: number;
}

/** What lies ahead of the ball in a shot. */
export const aheadOf = (shot: Shot): Ahead => ({
  lipHeight: shot.lip.height,
  lipDistance: shot.lip.distance,
  wind: shot.wind,
  turf: turfOf(shot.green),
  edge: shot.edge,
  back: shot.back,
  halfWidth: greenHalfWidth(shot),
  holeX: shot.away ? shot.away.holeX : shot.pin,
  holeY: shot.away ? shot.away.holeY : 0,
  pastShare: RUN_SHARE[BEYOND_SURFACE[shot.beyond]],
  away: shot.away !== undefined,
  awayShare: shot.away ? RUN_SHARE[shot.away.ground] : 1,
});
