import { t } from '@/core/tell/language/t';
import { sayFact } from '../facts/sayFact';
import { capital } from '../words/capital';
import { listed } from '../words/listed';
import { distanceWords } from '../words/words';
import { sayLength } from '@/core/tell/language/say';
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
      return sayFact(reason.why);
  }
}

interface Option {
  club: string;
  school: string;
  reason: string;
}

/** What is ruled out of one technique, each reason once; of no clubs where it holds for every club. */
interface RuledOut {
  school: string;
  reasons: { reason: string; clubs: string[] }[];
}

/** What a sheet rules out, technique by technique in the order in which each first comes up. */
function bySchool(options: readonly Option[]): RuledOut[] {
  const schools = new Map<string, Map<string, Set<string>>>();
  for (const { club, school, reason } of options) {
    const reasons = schools.get(school) ?? new Map<string, Set<string>>();
    schools.set(school, reasons);
    const clubs = reasons.get(reason) ?? new Set();
    reasons.set(reason, clubs);
    if (club !== 'any') clubs.add(club);
  }
  return [...schools].map(([school, reasons]) => ({
    school,
    reasons: [...reasons].map(([reason, clubs]) => ({ reason, clubs: [...clubs] })),
  }));
}

/** "56 and 60: Reaches only 20 yards of the 25 yards needed."; the reason alone where it holds for every club. */
const reasonWords = ({ reason, clubs }: RuledOut['reasons'][number]): string =>
  clubs.length === 0 ? reason : `${listed(clubs)}: ${reason}`;

/** What a sheet rules out of each technique, in words. */
export const ruledOutBySchool = (
  options: readonly Option[],
): { school: string; reasons: string[] }[] =>
  bySchool(options).map(({ school, reasons }) => ({ school, reasons: reasons.map(reasonWords) }));

/** The same as lines of a head and what stands under it: a reason with the techniques that it rules out whole, a technique with its clubs. */
export function ruledOutLines(
  options: readonly Option[],
  nameOf: (school: string) => string,
): { head: string; rest: string }[] {
  const whole = new Map<string, string[]>();
  const single: { head: string; rest: string }[] = [];
  for (const { school, reasons } of bySchool(options)) {
    const [first] = reasons;
    if (reasons.length === 1 && first!.clubs.length === 0) {
      whole.set(first!.reason, [...(whole.get(first!.reason) ?? []), nameOf(school)]);
    } else {
      const rest = reasons.map(reasonWords).join(' ');
      single.push({ head: `${capital(nameOf(school))}.`, rest });
    }
  }
  return [
    ...[...whole].map(([head, schools]) => ({ head, rest: `${capital(schools.join('; '))}.` })),
    ...single,
  ];
}
