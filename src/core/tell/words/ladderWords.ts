import type { LadderStyle } from '@/core/search/ladder/style';
import { told } from '../language/told';

/** Ways of playing that a ladder is made for, as they are said. */
export const STYLE_WORDS: Record<LadderStyle, string> = told({
  splash: 'splash',
  square: 'splash, face nearly square',
  long: 'long, less sand',
  pick: 'picked clean',
});
