import { quantile } from './order';

/** A curve as points (x, density), the densities in 1/unit of x. */
export type Density = [number, number][];

/**
 * Gaussian kernel density of a sample at even points over its range.
 *
 * Bandwidth by Silverman's rule of thumb, 0.9 min(sd, interquartile range / 1.34) n^(-1/5) (B. W. Silverman, Density
 * Estimation, 1986, eq. 3.31), so that a few wild values do not blur the rest; but not under `finest`.
 *
 * @param sample at least one value
 * @param points how many points, at least 2
 * @param finest least bandwidth, in the unit of the sample
 * @example
 * kernelDensity([1, 2, 3], 80, 0.1).length; // => 80
 */
export function kernelDensity(sample: ArrayLike<number>, points: number, finest: number): Density {
  const n = sample.length;
  let mean = 0;
  let low = Infinity;
  let high = -Infinity;
  for (let i = 0; i < n; i++) {
    const x = sample[i]!;
    mean += x / n;
    low = Math.min(low, x);
    high = Math.max(high, x);
  }
  let variance = 0;
  for (let i = 0; i < n; i++) variance += (sample[i]! - mean) ** 2 / n;
  const middle = (quantile(sample, 0.75) - quantile(sample, 0.25)) / 1.34;
  const scale = middle > 0 ? Math.min(Math.sqrt(variance), middle) : Math.sqrt(variance);
  const width = Math.max(finest, 0.9 * scale * n ** -0.2);
  const from = low - 2 * width;
  const step = (high + 2 * width - from) / (points - 1);
  const curve: Density = [];
  for (let k = 0; k < points; k++) {
    const x = from + k * step;
    let sum = 0;
    for (let i = 0; i < n; i++) {
      const z = (x - sample[i]!) / width;
      if (z * z < 25) sum += Math.exp((-z * z) / 2);
    }
    curve.push([x, sum / (n * width * Math.sqrt(2 * Math.PI))]);
  }
  return curve;
}

/**
 * Value below which `share` of a density's area lies, by the trapezium rule and a straight line within a step.
 *
 * @throws RangeError for a share outside 0 to 1
 * @example
 * densityQuantile([[0, 1], [1, 1]], 0.25); // => 0.25
 */
export function densityQuantile(density: Density, share: number): number {
  if (!(share >= 0 && share <= 1)) throw new RangeError('densityQuantile: share lies from 0 to 1');
  const areas = density.map(([x, d], i) => {
    const before = density[i - 1];
    return before ? ((d + before[1]) / 2) * (x - before[0]) : 0;
  });
  const wanted = share * areas.reduce((sum, area) => sum + area, 0);
  let sum = 0;
  for (let i = 1; i < density.length; i++) {
    const area = areas[i]!;
    if (sum + area >= wanted) {
      const [x0] = density[i - 1]!;
      const [x1] = density[i]!;
      return area > 0 ? x0 + ((wanted - sum) / area) * (x1 - x0) : x0;
    }
    sum += area;
  }
  return density.at(-1)![0];
}
