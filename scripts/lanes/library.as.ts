/* What the batch kernel computes with besides the four rules: functions of four numbers side by side, single precision.
   Polynomials after S. L. Moshier's Cephes library (1989), single precision; errors in units of the last place, or as said. */

@inline function lanes_abs(x: v128): v128 { return f32x4.abs(x); }
@inline function lanes_sqrt(x: v128): v128 { return f32x4.sqrt(x); }
@inline function lanes_min(a: v128, b: v128): v128 { return f32x4.pmin(a, b); }
@inline function lanes_max(a: v128, b: v128): v128 { return f32x4.pmax(a, b); }
@inline function lanes_hypot(a: v128, b: v128): v128 {
  return f32x4.sqrt(f32x4.add(f32x4.mul(a, a), f32x4.mul(b, b)));
}

/** 1 or -1, by the sign bit. */
@inline function lanes_sign(x: v128): v128 {
  return v128.or(v128.and(x, i32x4.splat(0x80000000)), f32x4.splat(1));
}

@inline function times(p: v128, x: v128, next: f32): v128 {
  return f32x4.add(f32x4.mul(p, x), f32x4.splat(next));
}

/** e^x, x kept within what single precision holds. */
function lanes_exp(value: v128): v128 {
  const x = f32x4.pmax(f32x4.pmin(value, f32x4.splat(88)), f32x4.splat(-87));
  const n = f32x4.nearest(f32x4.mul(x, f32x4.splat(1.44269504)));
  const high = f32x4.sub(x, f32x4.mul(n, f32x4.splat(0.693359375)));
  const r = f32x4.sub(high, f32x4.mul(n, f32x4.splat(-2.12194440e-4)));
  let p = f32x4.splat(1.9875691500e-4);
  p = times(p, r, 1.3981999507e-3);
  p = times(p, r, 8.3334519073e-3);
  p = times(p, r, 4.1665795894e-2);
  p = times(p, r, 1.6666665459e-1);
  p = times(p, r, 5.0000001201e-1);
  p = f32x4.add(f32x4.add(f32x4.mul(f32x4.mul(p, r), r), r), f32x4.splat(1));
  const power = i32x4.shl(i32x4.add(i32x4.trunc_sat_f32x4_s(n), i32x4.splat(127)), 23);
  return f32x4.mul(p, power);
}

/** Natural logarithm of x > 0: by the exponent, and 2 artanh((m - 1) / (m + 1)) of the mantissa; to 2e-7. */
function lanes_log(x: v128): v128 {
  const e = i32x4.sub(i32x4.shr_u(x, 23), i32x4.splat(127));
  const m = v128.or(v128.and(x, i32x4.splat(0x007fffff)), f32x4.splat(1));
  const big = f32x4.gt(m, f32x4.splat(1.41421356));
  const less = f32x4.sub(v128.bitselect(f32x4.mul(m, f32x4.splat(0.5)), m, big), f32x4.splat(1));
  const k = f32x4.add(f32x4.convert_i32x4_s(e), v128.and(big, f32x4.splat(1)));
  const t = f32x4.div(less, f32x4.add(less, f32x4.splat(2)));
  const t2 = f32x4.mul(t, t);
  let p = f32x4.splat(0.2222222222);
  p = times(p, t2, 0.2857142857);
  p = times(p, t2, 0.4);
  p = times(p, t2, 0.6666666667);
  p = times(p, t2, 2);
  return f32x4.add(f32x4.mul(k, f32x4.splat(0.69314718)), f32x4.mul(p, t));
}

/** x^y for x > 0. */
@inline function lanes_pow(x: v128, y: v128): v128 {
  return lanes_exp(f32x4.mul(y, lanes_log(x)));
}

/** Sine by Taylor's series to x^13: to 1e-7 up to a right angle, to 2e-5 up to two; angles of a swing are smaller. */
function lanes_sin(x: v128): v128 {
  const z = f32x4.mul(x, x);
  let p = f32x4.splat(1.6059044e-10);
  p = times(p, z, -2.5052108e-8);
  p = times(p, z, 2.7557319e-6);
  p = times(p, z, -1.9841270e-4);
  p = times(p, z, 8.3333333e-3);
  p = times(p, z, -1.6666667e-1);
  return f32x4.add(x, f32x4.mul(f32x4.mul(p, z), x));
}

/** Cosine by Taylor's series to x^14, as {@link lanes_sin}. */
function lanes_cos(x: v128): v128 {
  const z = f32x4.mul(x, x);
  let p = f32x4.splat(-1.1470746e-11);
  p = times(p, z, 2.0876757e-9);
  p = times(p, z, -2.7557319e-7);
  p = times(p, z, 2.4801587e-5);
  p = times(p, z, -1.3888889e-3);
  p = times(p, z, 4.1666667e-2);
  p = times(p, z, -0.5);
  return f32x4.add(f32x4.splat(1), f32x4.mul(p, z));
}

@inline function lanes_tan(x: v128): v128 { return f32x4.div(lanes_sin(x), lanes_cos(x)); }

/** Angle of (x, y) in all four quarters. */
function lanes_atan2(y: v128, x: v128): v128 {
  const ax = f32x4.abs(x);
  const ay = f32x4.abs(y);
  const ratio = f32x4.div(f32x4.pmin(ax, ay), f32x4.pmax(f32x4.pmax(ax, ay), f32x4.splat(1e-30)));
  const big = f32x4.gt(ratio, f32x4.splat(0.41421356));
  const one = f32x4.splat(1);
  const t = v128.bitselect(f32x4.div(f32x4.sub(ratio, one), f32x4.add(ratio, one)), ratio, big);
  const z = f32x4.mul(t, t);
  let p = f32x4.splat(8.05374449538e-2);
  p = times(p, z, -1.38776856032e-1);
  p = times(p, z, 1.99777106478e-1);
  p = times(p, z, -3.33329491539e-1);
  let r = f32x4.add(f32x4.mul(f32x4.mul(p, z), t), t);
  r = f32x4.add(r, v128.and(big, f32x4.splat(0.78539816)));
  r = v128.bitselect(f32x4.sub(f32x4.splat(1.57079633), r), r, f32x4.gt(ay, ax));
  r = v128.bitselect(f32x4.sub(f32x4.splat(3.14159265), r), r, f32x4.lt(x, f32x4.splat(0)));
  return f32x4.mul(r, lanes_sign(y));
}

@inline function lanes_asin(x: v128): v128 {
  const rest = f32x4.sub(f32x4.splat(1), f32x4.mul(x, x));
  return lanes_atan2(x, f32x4.sqrt(f32x4.pmax(f32x4.splat(0), rest)));
}
