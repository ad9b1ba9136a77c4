import type { Beyond } from '@/core/ground/situation/green';
import type { Lie } from '@/core/ground/sand/lie';
import type { SandPreset } from '@/core/ground/sand/presets';

/* The words of the typed reading. */

/** Lies by how they are said; the first way is how the product says it. */
export const LIE_SAID: Record<string, Lie> = {
  'lying clean': 'clean',
  clean: 'clean',
  'sitting down': 'sitting-down',
  'down a little': 'sitting-down',
  'fried egg': 'fried-egg',
  'half under': 'fried-egg',
  plugged: 'plugged',
  'mostly under': 'plugged',
  buried: 'buried',
  'under to the crown': 'buried',
};

/** Sands by how they are said. */
export const SAND_SAID: Record<string, SandPreset> = {
  powdery: 'powder',
  powder: 'powder',
  fluffy: 'powder',
  soft: 'soft',
  medium: 'medium',
  firm: 'firm',
  'wet packed': 'wet',
  wet: 'wet',
  hardpan: 'hardpan',
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
  'from the right': 90,
  'from the left': 270,
};
