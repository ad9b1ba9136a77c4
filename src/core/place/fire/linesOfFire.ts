import { angleBetween } from '../outline/direction';
import { apart, type Point } from '../outline/ring';
import { pointOf } from '../record/place';
import type { StationGround } from './stationGround';

/** A station as far as its line of fire goes. */
export type Fire = Pick<StationGround, 'ball' | 'hole'>;

/**
 * A thin ball flies on past the flag, m; a person keeps at least so far from a line that is played along, m; and stands nowhere ahead of
 * a player within so many degrees of the line: a ball off the heel or toe starts that far off it. Chosen for safety, not measured.
 */
export const FIRE = { past: 40, clear: 5, cone: 20 } as const;

/** The stretch that balls fly along from a station. */
function stretchOf({ ball, hole }: Fire): {
  from: Point;
  to: Point;
  toward: Point;
  length: number;
} {
  const [from, flag] = [pointOf(ball), pointOf(hole)];
  const pin = apart(from, flag);
  const toward: Point = [(flag[0] - from[0]) / pin, (flag[1] - from[1]) / pin];
  const length = pin + FIRE.past;
  return { from, to: [from[0] + toward[0] * length, from[1] + toward[1] * length], toward, length };
}

/** Whether two stretches cross. */
function cross(a: { from: Point; to: Point }, b: { from: Point; to: Point }): boolean {
  const side = (p: Point, q: Point, r: Point): number =>
    (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
  return (
    side(a.from, a.to, b.from) * side(a.from, a.to, b.to) < 0 &&
    side(b.from, b.to, a.from) * side(b.from, b.to, a.to) < 0
  );
}

/** Whether somebody at a point is in danger from balls along a stretch: too near the line, or ahead within its cone. */
function endangers(stretch: ReturnType<typeof stretchOf>, person: Point): boolean {
  const { from, toward, length } = stretch;
  const away: Point = [person[0] - from[0], person[1] - from[1]];
  const along = away[0] * toward[0] + away[1] * toward[1];
  const aside = Math.abs(away[0] * toward[1] - away[1] * toward[0]);
  if (along <= 0) return Math.hypot(...away) < FIRE.clear;
  if (along > length) return Math.hypot(along - length, aside) < FIRE.clear;
  return aside < FIRE.clear || angleBetween(toward, away) < FIRE.cone;
}

/** Whether two stations must never be played from at the same time: their lines cross, or one endangers who stands at the other. */
export function playAcross(a: Fire, b: Fire): boolean {
  const [first, second] = [stretchOf(a), stretchOf(b)];
  return cross(first, second) || endangers(first, second.from) || endangers(second, first.from);
}
