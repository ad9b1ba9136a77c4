import { apart, type Point } from '../outline/ring';
import { pointOf, type SandOn } from '../record/place';

/** Nearer than this a spot's own depth stands, m: a foot's width. */
const AT_A_SPOT = 0.1;

/**
 * The sand of a day where a ball lies: its depth is that of the spots where it was felt, the near ones first, by the inverse of the
 * distance squared (D. Shepard, Proc. 23rd ACM National Conference, 1968); without spots it is the same everywhere.
 *
 * @example
 * const spots = [{ x_m: 0, y_m: 0, depth_m: 0.02 }, { x_m: 4, y_m: 0, depth_m: 0.1 }];
 * sandAt({ day: '2026-10-01', preset: 'soft', note: '', depths: spots }, [2, 0]).depth_m.toFixed(3); // => '0.060'
 */
export function sandAt<S extends SandOn | null>(sand: S, ball: Point): S {
  if (!sand?.depths?.length) return sand;
  let [sum, all] = [0, 0];
  for (const spot of sand.depths) {
    const weight = 1 / (apart(pointOf(spot), ball) ** 2 + AT_A_SPOT ** 2);
    sum += weight * spot.depth_m;
    all += weight;
  }
  return { ...sand, depth_m: sum / all };
}
