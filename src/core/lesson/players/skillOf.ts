import type { Skill } from '@/core/ground/player/player';

/**
 * Skill for a handicap: plus and scratch, single figures, up to 22, above.
 *
 * @example
 * skillOf(14); // => 'middle'
 */
export function skillOf(handicap: number): Skill {
  if (handicap <= 0) return 'expert';
  if (handicap < 10) return 'good';
  return handicap <= 22 ? 'middle' : 'beginner';
}
