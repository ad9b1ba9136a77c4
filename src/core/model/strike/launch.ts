/** Ball leaving the face or the sand: velocities along x, y, z, m/s; spin vector, rad/s. */
export interface Launch {
  vx: number;
  vy: number;
  vz: number;
  wx: number;
  wy: number;
  wz: number;
  /** 1 clean strike, 0 all sand. */
  cleanness: number;
  /** Sand between the head's path and the ball's bottom, m; negative when the edge meets the ball itself. */
  cushion: number;
  /** True when the edge struck above the ball's lower quarter: a thin shot. */
  thin: boolean;
}

/** A ball that stays where it is; each its own, since what follows a strike writes on its launch. */
export const noLaunch = (): Launch => ({
  vx: 0,
  vy: 0,
  vz: 0,
  wx: 0,
  wy: 0,
  wz: 0,
  cleanness: 0,
  cushion: 0,
  thin: false,
});
