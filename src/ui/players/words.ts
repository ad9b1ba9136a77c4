import type { BodyCaution, Hand, UsualMiss } from '@/core/ground/player/player';

export const HAND_WORDS: Record<Hand, string> = { right: 'right-handed', left: 'left-handed' };

export const MISS_NAMES: Record<UsualMiss, string> = {
  heavy: 'heavy',
  thin: 'thin',
  'lead-side': 'to the lead side (a right-hander’s left)',
  'trail-side': 'to the trail side (a right-hander’s right)',
};

export const CAUTION_WORDS: Record<BodyCaution, string> = {
  wrist: 'wrist',
  elbow: 'elbow',
  back: 'back',
  shoulder: 'shoulder',
};
