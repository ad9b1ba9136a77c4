import type { Evidence } from './find';
import { SIGNS } from './causes';

const FEATURE_WORDS: Record<Exclude<Evidence['what'], 'sign'>, string> = {
  entry: 'where the club enters',
  entrySpread: 'how widely the mark moves',
  carry: 'how far the ball carries',
  carrySpread: 'how widely the carry varies',
  direction: 'where the ball starts',
  thin: 'how often it is thin',
  depth: 'how deep the mark is',
};

/** A piece of evidence in words. */
export function evidenceWords({ what, sign }: Evidence): string {
  if (what !== 'sign') return FEATURE_WORDS[what];
  const { look } = SIGNS.find(({ id }) => id === sign) ?? { look: sign ?? '' };
  return `“${look}”`;
}
