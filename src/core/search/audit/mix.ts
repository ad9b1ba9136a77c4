import { seededUint32 } from '@/core/ground/numeric/random';
import { sobol } from '@/core/ground/numeric/sobol';
import { burialOf, type Lie } from '@/core/ground/sand/lie';
import { presetSand, type SandPreset } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { toMetres } from '@/core/ground/units/length';

/** One situation of a mix, with its share of all. */
export interface MixedShot {
  shot: Shot;
  weight: number;
}

/** A choice with its share; shares of a list add up to one. */
type Shares<T> = readonly (readonly [T, number])[];

/**
 * What club players meet in a typical season, tuned to what instructors say: most balls lie clean within 25 yards, one
 * in ten is half under, one in twelve is a long one; lips from ankle to head height.
 */
const DISTANCE_YD: Shares<number> = [
  [9, 0.18],
  [13, 0.24],
  [17, 0.22],
  [22, 0.17],
  [28, 0.11],
  [45, 0.08],
];
const LIP_FT: Shares<number> = [
  [0.5, 0.28],
  [2, 0.3],
  [4, 0.27],
  [6.5, 0.15],
];
const SAND: Shares<SandPreset> = [
  ['soft', 0.22],
  ['medium', 0.48],
  ['firm', 0.2],
  ['wet', 0.1],
];
const LIE: Shares<Lie> = [
  ['clean', 0.76],
  ['sitting-down', 0.14],
  ['fried-egg', 0.1],
];

function chosen<T>(shares: Shares<T>, u: number): T {
  let sum = 0;
  for (const [value, share] of shares) {
    sum += share;
    if (u < sum) return value;
  }
  return shares.at(-1)![0];
}

const SEED = 20;

/**
 * An even sample of a typical season: each shot stands for the same share.
 *
 * @param count shots, a power of two so that the sample is even
 * @param only sand that is met, when the player meets one kind
 */
export function standardMix(count = 32, only?: SandPreset): MixedShot[] {
  const u = sobol(count, 5, seededUint32(SEED));
  return Array.from({ length: count }, (_, i) => {
    const at = (j: number): number => u[i * 5 + j]!;
    const pin = toMetres(chosen(DISTANCE_YD, at(0)), 'yd');
    const height = toMetres(chosen(LIP_FT, at(1)), 'ft');
    const sand = presetSand(only ?? chosen(SAND, at(2)));
    const lip = { height, distance: 1.8 + height * 0.5 };
    const edge = Math.max(lip.distance + 0.5, pin - toMetres(4 + 6 * at(4), 'yd'));
    const shot: Shot = {
      sand,
      burial: burialOf(chosen(LIE, at(3)), sand),
      along: 0,
      across: 0,
      pin,
      edge: Math.min(edge, pin - 0.5),
      back: pin + toMetres(6 + 8 * (1 - at(4)), 'yd'),
      lip,
      green: { stimp: toMetres(9.5, 'ft'), slope: 0, firmness: 'medium' },
      beyond: 'rough',
      wind: { x: 0, y: 0 },
      escapes: [],
    };
    return { shot, weight: 1 / count };
  });
}

/** A mix of shots that were read, each with the same share. Throws RangeError when there are none. */
export function mixOf(shots: readonly Shot[]): MixedShot[] {
  if (shots.length === 0) throw new RangeError('a mix needs at least one reading');
  return shots.map((shot) => ({ shot, weight: 1 / shots.length }));
}
