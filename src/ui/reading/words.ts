import type { Skill } from '@/core/player/player';
import type { SandPreset } from '@/core/sand/presets';

/** How each sand is said in the sentence, and how feet and eyes know it. */
export const SAND_WORDS: Record<SandPreset, { name: string; feel: string }> = {
  powder: { name: 'powdery sand', feel: 'feet sink and keep sinking' },
  soft: { name: 'soft sand', feel: 'feet sink to the laces' },
  medium: { name: 'medium sand', feel: 'feet settle and stop' },
  firm: { name: 'firm sand', feel: 'feet hardly settle' },
  wet: { name: 'wet, packed sand', feel: 'dark; footprints stay sharp' },
  hardpan: { name: 'hardpan', feel: 'a skin of sand on hard ground' },
};

/** Skill in coach's words. */
export const SKILL_WORDS: Record<Skill, string> = {
  expert: 'plays for a living',
  good: 'single figures',
  middle: 'mid handicap',
  beginner: 'new to it',
};
