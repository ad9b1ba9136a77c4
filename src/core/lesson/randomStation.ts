import { samplerOf } from '../numeric/sampling';
import { LIES } from '../sand/lie';
import type { ShotInput } from '../reading/reading';

/** Limits within which stations are drawn, yards and feet. */
const PIN = [8, 32] as const;
const LIP = [0.5, 6] as const;

/** Shares of the lies, cleanest first: mostly clean. */
const LIE_SHARES = [0.6, 0.18, 0.14, 0.06, 0.02] as const;

const half = (value: number): number => Math.round(value * 2) / 2;

/** A station drawn at random within limits that a practice bunker has: same seed, same station. */
export function randomStation(seed: number): ShotInput {
  const { uniform } = samplerOf(seed * 7919);
  const between = ([low, high]: readonly [number, number]): number =>
    low + (high - low) * uniform();
  const pin = Math.round(between(PIN));
  const height = half(between(LIP));
  let u = uniform();
  const lie = LIES.find((_, i) => (u -= LIE_SHARES[i]!) < 0) ?? 'clean';
  const distance = Math.round(5 + height);
  const edge = Math.max(Math.ceil(distance / 3) + 1, pin - 3 - Math.round(5 * uniform()));
  return {
    pin_yd: pin,
    edge_yd: Math.min(edge, pin - 1),
    back_yd: pin + 8,
    lip: { height_ft: height, distance_ft: distance },
    lie,
    sand: { preset: 'medium' },
    green: { stimp_ft: 10 },
  };
}
