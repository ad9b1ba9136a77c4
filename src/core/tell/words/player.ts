import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { BodyCaution, Hand, Mastery, Skill, UsualMiss } from '@/core/ground/player/player';
import { counted } from './counted';

/** Skill in coach's words. */
export const SKILL_WORDS: Record<Skill, string> = told({
  expert: 'professional',
  good: 'single figures',
  middle: 'mid handicap',
  beginner: 'beginner',
});

export const HAND_WORDS: Record<Hand, string> = told({
  right: 'right-handed',
  left: 'left-handed',
});

export const MISS_NAMES: Record<UsualMiss, string> = told({
  heavy: 'heavy',
  thin: 'thin',
  'lead-side': 'to the lead side (a right-hander’s left)',
  'trail-side': 'to the trail side (a right-hander’s right)',
});

/** How far a player has a technique. */
export const MASTERY_WORDS: Record<Mastery, string> = told({
  'not-yet': 'not yet',
  learning: 'learning',
  knows: 'knows it',
});

/** Parts of the body, one and both. */
export const BODY_WORDS: Record<BodyCaution, { one: string; both: string }> = told({
  wrist: { one: 'wrist', both: 'wrists' },
  elbow: { one: 'elbow', both: 'elbows' },
  back: { one: 'back|body', both: 'back|body' },
  shoulder: { one: 'shoulder', both: 'shoulders' },
});

/**
 * What was learnt of a player, to go on after "with" or "use".
 *
 * @example
 * learntWords({ balls: 69, version: 3 }); // => 'the player’s own numbers from 69 logged balls (version 3)'
 */
export const learntWords = ({ balls, version }: Pick<LearntFactors, 'balls' | 'version'>): string =>
  t('the player’s own numbers from {balls} (version {version})', {
    balls: counted(balls, 'logged ball'),
    version,
  });
