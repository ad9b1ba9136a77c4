import { samplerOf } from '@/core/ground/numeric/sampling';
import { LIES, type Lie } from '@/core/ground/sand/lie';
import type { SandPreset } from '@/core/ground/sand/presets';
import type { ShotInput } from '@/core/contract/shot/shot';
import { fromMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';

/** What a drawn station may be: distances to the flag, m, heights of lip, m, lies and sand. */
export interface DrawLimits {
  pin: readonly [number, number];
  lip: readonly [number, number];
  /** At least one. */
  lies: readonly Lie[];
  sand: SandPreset;
}

/** What a practice bunker has: 8 to 32 yards, half a foot to six feet of lip. */
export const USUAL_LIMITS: DrawLimits = {
  pin: [7.3152, 29.2608],
  lip: [0.1524, 1.8288],
  lies: LIES,
  sand: 'medium',
};

/** Shares of the lies, cleanest first: mostly clean. */
const LIE_SHARES: Record<Lie, number> = {
  clean: 0.6,
  'sitting-down': 0.18,
  'fried-egg': 0.14,
  plugged: 0.06,
  buried: 0.02,
};

/**
 * One of some lies, each as often as it is met.
 *
 * @param u from 0 to 1
 * @param lies at least one
 */
export function randomLie(u: number, lies: readonly Lie[]): Lie {
  let rest = u * lies.reduce((sum, lie) => sum + LIE_SHARES[lie], 0);
  return lies.find((each) => (rest -= LIE_SHARES[each]) < 0) ?? lies[0]!;
}

/** Ball to the lip beyond its height, and the least of green before the flag, m. */
const BEFORE_LIP = 1.5;
const LEAST_GREEN = 1.2;
const BEYOND_FLAG = 7.3;

/** To whole yards or metres, and to half feet or tenths of a metre. */
const STEP = { yd: 1, m: 1, ft: 0.5 } as const;
const METRE_OF_LIP = 0.1;

/**
 * A station drawn at random within limits, in round numbers of the units: same seed, limits and units, same station.
 *
 * @throws RangeError when no lie is allowed
 */
export function randomStation(
  seed: number,
  units: UnitSystem,
  limits: DrawLimits = USUAL_LIMITS,
): ShotInput {
  const lies = LIES.filter((lie) => limits.lies.includes(lie));
  if (lies.length === 0) throw new RangeError('randomStation: no lie is allowed');
  const { uniform } = samplerOf(seed);
  const far = units === 'metres' ? 'm' : 'yd';
  const tall = units === 'metres' ? 'm' : 'ft';
  const rounded = (metres: number, unit: 'm' | 'yd' | 'ft', step: number): number =>
    Number((Math.round(fromMetres(metres, unit) / step) * step).toFixed(2));
  const ground = (metres: number): number => rounded(metres, far, STEP[far]);
  const high = (metres: number): number =>
    rounded(metres, tall, tall === 'm' ? METRE_OF_LIP : STEP.ft);
  const between = ([low, most]: readonly [number, number]): number =>
    low + (most - low) * uniform();
  const pin = between(limits.pin);
  const height = between(limits.lip);
  const lie = randomLie(uniform(), lies);
  const distance = Math.min(BEFORE_LIP + height, pin / 2);
  const edge = Math.min(Math.max(distance + 1, pin - 2.7 - 4.6 * uniform()), pin - LEAST_GREEN);
  return {
    [`pin_${far}`]: ground(pin),
    [`edge_${far}`]: ground(edge),
    [`back_${far}`]: ground(pin + BEYOND_FLAG),
    lip: { [`height_${tall}`]: high(height), [`distance_${tall}`]: high(distance) },
    lie,
    sand: { preset: limits.sand },
    green: { stimp_ft: 10 },
  };
}
