import type { School } from '../schools/school';
import type { Obstacle } from '../candidates/explore';
import type { Choice } from './call';
import type { RuledOut } from './choosing';

/** What became of the schools that a coach prefers, where none of them is called first. */
export type Passed =
  | { state: 'dearer'; school: Pick<School, 'id'>; club: string; costs: number }
  | { state: 'ruled-out'; school: RuledOut['school']; reason: Obstacle }
  | { state: 'to-learn'; school: RuledOut['school'] };

/**
 * Why no preferred school is called first: what the best of them costs over the first call, that the player would have to
 * learn it first, or what rules the first of them out.
 * Null where one is called, where none is preferred, or where none was looked at.
 *
 * @param choices as they are told, best first
 * @param learnable what would be chosen from schools that the player would have to learn first
 * @param strokesOf what a call costs as it is told
 */
export function passedOver<T extends Choice>(
  preferred: readonly string[],
  choices: readonly T[],
  ruledOut: readonly RuledOut[],
  learnable: readonly Choice[],
  strokesOf: (choice: T) => number,
): Passed | null {
  const [first] = choices;
  const isPreferred = ({ school }: Pick<Choice | RuledOut, 'school'>): boolean =>
    preferred.includes(school.id);
  if (!first || isPreferred(first)) return null;
  const [best] = choices.filter(isPreferred).sort((a, b) => a.cost - b.cost);
  if (best) {
    const { school, setup } = best;
    const costs = strokesOf(best) - strokesOf(first);
    return { state: 'dearer', school, club: setup.club.name, costs };
  }
  const unlearnt = learnable.find(isPreferred);
  if (unlearnt) return { state: 'to-learn', school: unlearnt.school };
  const out = ruledOut.find(isPreferred);
  return out ? { state: 'ruled-out', school: out.school, reason: out.reason } : null;
}
