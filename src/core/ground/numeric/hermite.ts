/**
 * Value of a quantity at share u of a step of length dt, by the cubic Hermite polynomial through its values and rates at
 * both ends.
 *
 * @example
 * hermite(0, 1, 1, 1, 1, 0.5); // => 0.5
 */
export function hermite(
  p0: number,
  v0: number,
  p1: number,
  v1: number,
  dt: number,
  u: number,
): number {
  const rise = p1 - p0;
  const a = dt * v0 - rise;
  const b = rise - dt * v1;
  return p0 + u * (rise + (1 - u) * (a * (1 - u) + b * u));
}

/**
 * Rate of {@link hermite} with the share u of the step.
 *
 * @example
 * hermiteSlope(0, 1, 1, 1, 1, 0.5); // => 1
 */
export function hermiteSlope(
  p0: number,
  v0: number,
  p1: number,
  v1: number,
  dt: number,
  u: number,
): number {
  const rise = p1 - p0;
  const a = dt * v0 - rise;
  const b = rise - dt * v1;
  return rise + a * (1 - u) * (1 - 3 * u) + b * u * (2 - 3 * u);
}
