import { t } from '@/core/ground/language/t';
import { distanceWords } from '../words/words';
import { sayLength } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Obstacle } from '@/core/search/candidates/explore';

/** The reason why a club cannot do it in a school, as a sentence. */
export function ruledOutWords(reason: Obstacle, units: UnitSystem): string {
  switch (reason.state) {
    case 'cannot-reach': {
      const [total, wanted] = [reason.total, reason.wanted].map((far) => distanceWords(far, units));
      return total === wanted
        ? t('Comes up just short of the {wanted} needed.', { wanted: wanted! })
        : t('Reaches only {total} of the {wanted} needed.', { total: total!, wanted: wanted! });
    }
    case 'cannot-get-out':
      if (reason.clearance === null) return t('Comes down before it clears the bunker.');
      return t('Hits the lip {max} below the top.', {
        max: sayLength(Math.max(0, -reason.clearance), 'height', units),
      });
    case 'too-far':
      return t('Even the shortest swing for this technique goes {total}.', {
        total: distanceWords(reason.total, units),
      });
    case 'aim':
      return t(
        'The face would start it {aim}° off the swing path; this technique allows {most}°.',
        { aim: Math.round(reason.aimDeg), most: Math.round(reason.most) },
      );
    case 'unfit':
      return reason.text;
  }
}
