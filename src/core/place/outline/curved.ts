import type { Point, Ring } from './ring';

/** An outline in short straight pieces, and of each of its corners where it stands between the corners it was drawn with. */
export interface FineRing {
  ring: Ring;
  /** Of each fine corner the drawn corner before it, and how far it is on the way to the next, 0 to 1. */
  from: { corner: number; share: number }[];
}

/** Straight pieces that a side of a curved outline is made of. */
const PIECES = 6;

/** A point on a straight line through two points at their knots. */
const between = (p: Point, q: Point, tp: number, tq: number, t: number): Point => {
  const share = tq === tp ? 0 : (t - tp) / (tq - tp);
  return [p[0] + share * (q[0] - p[0]), p[1] + share * (q[1] - p[1])];
};

/**
 * An outline as it lies on the ground: straight from corner to corner, or a curve through all of them, in short pieces. The curve is the
 * centripetal one of E. Catmull and R. Rom, which makes no loops (C. Yuksel and others, Computer-Aided Design 43, 2011), by the
 * pyramid of P. Barry and R. Goldman (SIGGRAPH 1988). What is drawn and what is reckoned with are the same pieces.
 *
 * @throws RangeError for fewer than three corners
 */
export function fineRing(corners: Ring, curved: boolean): FineRing {
  const n = corners.length;
  if (n < 3) throw new RangeError(`fineRing: ${n} corners are no outline`);
  const at = (i: number): Point => corners[(i + n) % n]!;
  const fine: FineRing = { ring: [], from: [] };
  for (let corner = 0; corner < n; corner++) {
    const points = [at(corner - 1), at(corner), at(corner + 1), at(corner + 2)] as const;
    const knots = [0];
    for (let k = 0; k < 3; k++) {
      const [p, q] = [points[k]!, points[k + 1]!];
      knots.push(knots[k]! + Math.sqrt(Math.hypot(q[0] - p[0], q[1] - p[1])));
    }
    const pieces = curved ? PIECES : 1;
    for (let piece = 0; piece < pieces; piece++) {
      const share = piece / pieces;
      fine.from.push({ corner, share });
      fine.ring.push(piece === 0 ? at(corner) : onCurve(points, knots, share));
    }
  }
  return fine;
}

/** The curve between the second and the third of four points. */
function onCurve(
  [p0, p1, p2, p3]: readonly [Point, Point, Point, Point],
  knots: readonly number[],
  share: number,
): Point {
  const [t0, t1, t2, t3] = knots as [number, number, number, number];
  const t = t1 + share * (t2 - t1);
  const a = between(p0, p1, t0, t1, t);
  const b = between(p1, p2, t1, t2, t);
  const c = between(p2, p3, t2, t3, t);
  return between(between(a, b, t0, t2, t), between(b, c, t1, t3, t), t1, t2, t);
}
