import { samplerOf } from '@/core/ground/numeric/sampling';
import { SKILLS } from '@/core/ground/player/player';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { randomStation } from '@/core/lesson/plan/randomStation';
import { aSituation } from './records';
import type { Tried } from './thresholds';

/* Readings as they come, to try on them what the desk says. */

/** Nearest and furthest flag, lowest and highest lip, m. */
const LIMITS = { pin: [7.3, 36], lip: [0.15, 1.8] } as const;

/** A reading at random in the outside format: any level of player, sand and lie. */
export function randomReading(seed: number): Tried {
  const { oneOf } = samplerOf(7000 + seed);
  const shot = randomStation(seed, 'metres', {
    pin: [...LIMITS.pin],
    lip: [...LIMITS.lip],
    lies: LIES,
    sand: oneOf(SAND_PRESETS),
  });
  return { player: { ...aSituation().player, skill: oneOf(SKILLS) }, shot };
}
