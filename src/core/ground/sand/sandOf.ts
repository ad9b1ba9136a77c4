import { presetSand, type Sand, type SandPreset } from './presets';

/** Presets along the scale of firmness at even steps from 0 to 1. */
const FIRMNESS_SCALE: readonly SandPreset[] = ['powder', 'soft', 'medium', 'firm', 'wet'];

/**
 * Where a preset lies on the scale of firmness; hardpan lies at its end.
 *
 * @example
 * firmnessOf('medium'); // => 0.5
 */
export function firmnessOf(preset: SandPreset): number {
  const at = FIRMNESS_SCALE.indexOf(preset);
  return at < 0 ? 1 : at / (FIRMNESS_SCALE.length - 1);
}

/** Every quantity of `a` moved by `share` towards that of `b`. */
function blended(a: Sand, b: Sand, share: number): Sand {
  const mixed = { ...a };
  for (const key of Object.keys(a) as (keyof Sand)[])
    mixed[key] = a[key] + share * (b[key] - a[key]);
  return mixed;
}

/**
 * Sand of any firmness, straight between neighbouring presets.
 *
 * @param firmness 0 powder, 0.25 soft, 0.5 medium, 0.75 firm, 1 wet and packed
 * @throws RangeError outside 0 to 1
 * @example
 * sandOfFirmness(0.25).density; // => 1450
 */
export function sandOfFirmness(firmness: number): Sand {
  if (!(firmness >= 0 && firmness <= 1)) {
    throw new RangeError(`sandOfFirmness: ${firmness} is not within 0 to 1`);
  }
  const last = FIRMNESS_SCALE.length - 1;
  const at = firmness * last;
  const below = Math.min(last - 1, Math.floor(at));
  return blended(
    presetSand(FIRMNESS_SCALE[below]!),
    presetSand(FIRMNESS_SCALE[below + 1]!),
    at - below,
  );
}

/** What a reading may say of the sand. All but the preset are optional. */
export interface SandReading {
  preset: SandPreset;
  /** 0 to 1; takes the place of the preset's own. */
  firmness?: number;
  /** 0 dry to 1 soaked. */
  moisture?: number;
  /** Bulk density, kg/m^3. */
  density?: number;
  /** Depth of sand over the hard base, m. */
  depth?: number;
  /** A dry crust over packed, wet sand. */
  crust?: boolean;
}

/** Stiffness of a hard base and of packed wet sand under a crust, Pa/m. Tuned. */
const HARD_BASE = 1e9;
export const PACKED_BELOW = 4e8;

/** Thickness of a crust when no depth is given, m. */
const CRUST = 0.01;

/** Sand deeper than this never shows its base to a club, m. */
const BOTTOMLESS = 0.1;

/** What water adds at full moisture: weight, apparent cohesion, a stiffer cushion and a stickier sheet. Tuned. */
function wetted(sand: Sand, moisture: number): Sand {
  return {
    ...sand,
    density: sand.density * (1 + 0.12 * moisture),
    strength: sand.strength + 200e3 * moisture,
    soleDrag: sand.soleDrag * (1 + 0.35 * moisture),
    faceDrag: sand.faceDrag * (1 + 0.12 * moisture),
    cushionRestitution: sand.cushionRestitution + 0.07 * moisture,
    cushionDepth: sand.cushionDepth * (1 + 0.5 * moisture),
    faceShear: sand.faceShear + 0.05 * moisture,
    settle: sand.settle * (1 - 0.4 * moisture),
  };
}

/** The sand of a reading, SI units. */
export function sandOf(reading: SandReading): Sand {
  const hardpan = reading.preset === 'hardpan';
  let sand =
    reading.firmness === undefined ? presetSand(reading.preset) : sandOfFirmness(reading.firmness);
  if (reading.moisture !== undefined) sand = wetted(sand, reading.moisture);
  if (reading.density !== undefined) sand.density = reading.density;
  if (reading.crust) {
    // Looks and lies like dry sand on top; what counts below acts as firm.
    const dry = sandOfFirmness(0.3);
    sand = {
      ...dry,
      density: 1500,
      faceDrag: 1,
      faceShear: 0.13,
      settle: 0.004,
      baseDepth: reading.depth ?? CRUST,
      baseStiffness: PACKED_BELOW,
    };
  } else if (reading.depth !== undefined && reading.depth < BOTTOMLESS && !hardpan) {
    sand.baseDepth = reading.depth;
    sand.baseStiffness = HARD_BASE;
  }
  return sand;
}
