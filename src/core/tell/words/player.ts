import type { BodyCaution, Hand, Skill, UsualMiss } from '@/core/ground/player/player';

/** Skill in coach's words. */
export const SKILL_WORDS: Record<Skill, string> = {
  expert: 'plays for a living',
  good: 'single figures',
  middle: 'mid handicap',
  beginner: 'new to it',
};

export const HAND_WORDS: Record<Hand, string> = { right: 'right-handed', left: 'left-handed' };

export const MISS_NAMES: Record<UsualMiss, string> = {
  heavy: 'heavy',
  thin: 'thin',
  'lead-side': 'to the lead side (a right-hander’s left)',
  'trail-side': 'to the trail side (a right-hander’s right)',
};

/** Parts of the body, one and both. */
export const BODY_WORDS: Record<BodyCaution, { one: string; both: string }> = {
  wrist: { one: 'wrist', both: 'wrists' },
  elbow: { one: 'elbow', both: 'elbows' },
  back: { one: 'back', both: 'back' },
  shoulder: { one: 'shoulder', both: 'shoulders' },
};
