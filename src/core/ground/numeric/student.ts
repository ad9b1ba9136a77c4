import { inverseNormal } from './normal';

/**
 * Two-sided quantile of Student's t: how far from the middle a value lies that is passed, either way, by a share of all.
 *
 * @param freedom degrees of freedom, at least 1
 * @param outside share of values beyond it, between 0 and 1
 * @throws RangeError outside of these
 * @example
 * student(4, 0.05).toFixed(3); // => '2.776'
 * student(30, 0.05).toFixed(3); // => '2.042'
 * student(5, 0.001).toFixed(2); // => '6.87'
 * @see G. W. Hill, "Algorithm 396: Student's t-quantiles", Communications of the ACM 13 (1970)
 */
export function student(freedom: number, outside: number): number {
  if (!(freedom >= 1)) throw new RangeError(`student: ${freedom} degrees of freedom`);
  if (!(outside > 0 && outside < 1)) throw new RangeError(`student: ${outside} outside`);
  if (freedom === 1) return 1 / Math.tan((outside * Math.PI) / 2);
  if (freedom === 2) return Math.sqrt(2 / (outside * (2 - outside)) - 2);
  const n = freedom;
  const a = 1 / (n - 0.5);
  const b = 48 / (a * a);
  const c = ((20700 * (a / b) - 98) * a - 16) * a + 96.36;
  const d = ((94.5 / (b + c) - 3) / b + 1) * Math.sqrt((a * Math.PI) / 2) * n;
  const y = (d * outside) ** (2 / n);
  if (y > 0.05 + a) {
    const x = inverseNormal(outside / 2);
    const more = n < 5 ? 0.3 * (n - 4.5) * (x + 0.6) : 0;
    const e = (((0.05 * d * x - 5) * x - 7) * x - 2) * x + b + c + more;
    const x2 = x * x;
    const z = (((((0.4 * x2 + 6.3) * x2 + 36) * x2 + 94.5) / e - x2 - 3) / b + 1) * x;
    return Math.sqrt(n * Math.expm1(a * z * z));
  }
  const near =
    ((1 / (((n + 6) / (n * y) - 0.089 * d - 0.822) * (n + 2) * 3) + 0.5 / (n + 4)) * y - 1) *
      ((n + 1) / (n + 2)) +
    1 / y;
  return Math.sqrt(n * near);
}
