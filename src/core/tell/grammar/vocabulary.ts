import type { Beyond } from '@/core/ground/situation/green';
import type { Lie } from '@/core/ground/sand/lie';
import type { SandPreset } from '@/core/ground/sand/presets';

/* The words of the typed reading. */

/** Lies by how they are said; the first way is how the product says it. */
export const LIE_SAID: Record<string, Lie> = {
  'lying clean': 'clean',
  'clean lie': 'clean',
  'good lie': 'clean',
  'perfect lie': 'clean',
  'sitting up': 'clean',
  clean: 'clean',
  'sitting down': 'sitting-down',
  'down a little': 'sitting-down',
  'fried egg': 'fried-egg',
  'half under': 'fried-egg',
  'half buried': 'fried-egg',
  'half plugged': 'fried-egg',
  plugged: 'plugged',
  'mostly under': 'plugged',
  buried: 'buried',
  'completely buried': 'buried',
  'fully buried': 'buried',
  'under to the crown': 'buried',
};

/** Sands by how they are said. */
export const SAND_SAID: Record<string, SandPreset> = {
  powdery: 'powder',
  powder: 'powder',
  fluffy: 'powder',
  'deep and soft': 'soft',
  soft: 'soft',
  medium: 'medium',
  normal: 'medium',
  firm: 'firm',
  compacted: 'firm',
  hard: 'firm',
  'wet packed': 'wet',
  wet: 'wet',
  hardpan: 'hardpan',
  'hard pan': 'hardpan',
};

/** What lies past the green by how it is said. */
export const BEYOND_SAID: Record<string, Beyond> = {
  fringe: 'fringe',
  rough: 'rough',
  'another bunker': 'bunker',
  bunker: 'bunker',
  water: 'water',
  'out of bounds': 'out-of-bounds',
  ob: 'out-of-bounds',
};

/** What a word makes of a slope that is said without a number, degrees: 8 where there is none. */
export const SLOPE_SAID: Record<string, number> = {
  slight: 4,
  gentle: 4,
  bit: 4,
  steep: 15,
  severe: 15,
};

/** What a word makes of a wind that is said without a number, m/s: ten miles an hour where there is none, half of it and nearly twice as much. */
export const WIND_FORCE_SAID: Record<string, number> = {
  light: 2.24,
  gentle: 2.24,
  strong: 8.05,
  stiff: 8.05,
};

/** Where wind comes from by how it is said, degrees clockwise from the player's face. */
export const WIND_SAID: Record<string, number> = {
  'against from the right': 45,
  'against from the left': 315,
  'behind from the right': 135,
  'behind from the left': 225,
  against: 0,
  into: 0,
  behind: 180,
  'down wind': 180,
  downwind: 180,
  headwind: 0,
  'head wind': 0,
  tailwind: 180,
  'tail wind': 180,
  helping: 180,
  'from the right': 90,
  'from the left': 270,
};
