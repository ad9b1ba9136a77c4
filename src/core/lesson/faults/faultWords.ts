import type { Evidence } from './find';
import { SIGNS } from './causes';

const FEATURE_WORDS: Record<Exclude<Evidence['what'], 'sign'>, string> = {
  mark: 'where the club enters',
  'mark spread': 'how widely the mark moves',
  far: 'how far the ball goes from its mark',
  'far spread': 'how widely the distance varies',
  side: 'where the ball starts',
  'side spread': 'how widely the start varies',
  thin: 'how often it is thin',
  failed: 'how often it stays in',
  depth: 'how deep the mark is',
  length: 'how long the mark is',
};

/** A piece of evidence in words. */
export function evidenceWords({ what, sign }: Evidence): string {
  if (what !== 'sign') return FEATURE_WORDS[what];
  const { look } = SIGNS.find(({ id }) => id === sign) ?? { look: sign ?? '' };
  return `“${look}”`;
}
