import { degrees } from '@/core/ground/units/angle';
import type { Lie } from '@/core/ground/sand/lie';
import type { Escape } from '@/core/ground/situation/shot';
import { clamp } from '@/core/ground/numeric/soft';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { GreenOn, SandOn } from '../record/place';
import type { Sight } from './sight';

/** A length as the format takes it, m to the centimetre. */
const cm = (metres: number): number => Math.round(metres * 100) / 100;

/** An angle as the format takes it, degrees to the tenth within its limits. */
const tenths = (radians: number, low: number, high: number): number =>
  clamp(Math.round(degrees(radians) * 10) / 10, low, high) + 0;

/** The sand as the format takes it. */
function sandInput(sand: SandOn | null): NonNullable<ShotInput['sand']> {
  if (!sand) return { preset: 'medium' };
  const { preset, firmness, moisture, depth_m, crust } = sand;
  return {
    preset,
    ...(firmness === undefined ? {} : { firmness }),
    ...(moisture === undefined ? {} : { moisture }),
    ...(depth_m === undefined ? {} : { depth_m: Math.round(depth_m * 1000) / 1000 }),
    ...(crust === undefined ? {} : { crust }),
  };
}

/** A way out as the format takes it. */
export const escapeInput = ({
  toward,
  lip,
  room,
  target,
  ground,
}: Escape): NonNullable<ShotInput['escapes']>[number] => ({
  toward_deg: Math.round(degrees(toward)),
  lip: { height_m: cm(Math.min(6, lip.height)), distance_m: cm(lip.distance) },
  room_m: cm(room),
  ...(target === undefined ? {} : { target_m: cm(target) }),
  ...(ground === undefined ? {} : { ground }),
});

/** What stands beside what the ground says: the lie, who plays, the sand of the day, the ways out that are worth a look. */
export interface Besides {
  lie: Lie;
  handed: 'right' | 'left';
  sand: SandOn | null;
  green: Pick<GreenOn, 'firmness'> & object;
  ways: readonly Escape[];
}

/** A shot in the outside format from what was read off the ground. */
export function shotFrom(sight: Sight, { lie, handed, sand, green, ways }: Besides): ShotInput {
  const across = tenths(sight.across, -25, 25);
  const stimp = Object.entries(green).find(([key]) => key.startsWith('stimp_'));
  return {
    pin_m: cm(sight.pin),
    edge_m: cm(sight.edge),
    back_m: cm(Math.max(sight.back, sight.pin)),
    lip: {
      height_m: cm(Math.min(6, sight.lip.height)),
      distance_m: cm(Math.min(sight.lip.distance, sight.edge)),
    },
    ...(sight.clear === undefined ? {} : { clear_m: cm(sight.clear) }),
    lie,
    // Ball above a right-hander's feet is below a left-hander's.
    slope: {
      along_deg: tenths(sight.along, -25, 35),
      across_deg: (handed === 'left' ? -across : across) + 0,
    },
    sand: sandInput(sand),
    green: {
      ...(stimp ? { [stimp[0]]: stimp[1] } : {}),
      slope_deg: tenths(sight.greenSlope, -8, 8),
      firmness: green.firmness,
    },
    beyond: sight.beyond,
    ...(ways.length > 0 ? { escapes: ways.map(escapeInput) } : {}),
  };
}
