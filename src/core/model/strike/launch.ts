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
