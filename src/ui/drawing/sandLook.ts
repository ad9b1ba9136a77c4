import type { Sand } from '@/core/ground/sand/presets';

/** How a sand is drawn: how many grains, how large, px, and how dark it is from water. */
export interface SandLook {
  grains: number;
  grain: number;
  dark: number;
}

/** Dry loose sand in few coarse grains, packed sand in many fine ones, sand held by water dark. */
export function sandLook(sand: Sand): SandLook {
  const packed = Math.min(1, Math.max(0, (sand.density - 1350) / 450));
  const held = Math.min(1, sand.strength / 4e5);
  return { grains: 0.7 + 1.5 * packed, grain: 1.15 - 0.45 * packed, dark: 0.4 * held };
}
