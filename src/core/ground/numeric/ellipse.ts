/** An ellipse on the ground: centre and half axes in the unit of the data, `turn` from x to the long axis, radians. */
export interface Ellipse {
  x: number;
  y: number;
  long: number;
  short: number;
  turn: number;
}

/**
 * Ellipse that holds `share` of a two-dimensional normal sample: half axes are the square roots of the eigenvalues of
 * the covariance times sqrt(-2 ln(1 - share)), the chi-squared quantile with two degrees of freedom in closed form.
 *
 * @param points at least three
 * @param share between 0 and 1, exclusive
 * @throws RangeError with fewer points, or a share outside its range
 * @example
 * covarianceEllipse([[0, 1], [0, -1], [2, 0], [-2, 0]], 0.5).turn; // => 0
 */
export const covarianceEllipse = (points: Points, share: number): Ellipse =>
  scaledEllipse(points, -2 * Math.log(1 - within(share)));

/**
 * Ellipse that holds a further point of a two-dimensional normal with a chance of `share`, from few points: H. Hotelling's T
 * squared (1931) for a prediction, (n+1)(n-1)/n ((1-share)^(-2/(n-2)) - 1), the F quantile with 2 and n-2 degrees of freedom in
 * closed form. Wide for few points, as it must be.
 *
 * @param points at least three
 * @param share between 0 and 1, exclusive
 * @throws RangeError with fewer points, or a share outside its range
 */
export function predictionEllipse(points: Points, share: number): Ellipse {
  const n = points.length;
  if (n < 3) throw new RangeError('ellipse: needs at least three points');
  const squared = (((n + 1) * (n - 1)) / n) * ((1 - within(share)) ** (-2 / (n - 2)) - 1);
  return scaledEllipse(points, squared);
}

type Points = readonly (readonly [x: number, y: number])[];

function within(share: number): number {
  if (!(share > 0 && share < 1)) throw new RangeError('ellipse: share lies between 0 and 1');
  return share;
}

/** The ellipse of a sample's covariance, its half axes the square roots of `squared` times the eigenvalues. */
function scaledEllipse(points: Points, squared: number): Ellipse {
  const n = points.length;
  if (n < 3) throw new RangeError('ellipse: needs at least three points');
  const mx = points.reduce((sum, [x]) => sum + x, 0) / n;
  const my = points.reduce((sum, [, y]) => sum + y, 0) / n;
  let xx = 0;
  let yy = 0;
  let xy = 0;
  for (const [x, y] of points) {
    xx += (x - mx) ** 2 / (n - 1);
    yy += (y - my) ** 2 / (n - 1);
    xy += ((x - mx) * (y - my)) / (n - 1);
  }
  const middle = (xx + yy) / 2;
  const apart = Math.hypot((xx - yy) / 2, xy);
  const scale = Math.sqrt(squared);
  return {
    x: mx,
    y: my,
    long: scale * Math.sqrt(middle + apart),
    short: scale * Math.sqrt(Math.max(0, middle - apart)),
    turn: 0.5 * Math.atan2(2 * xy, xx - yy),
  };
}
