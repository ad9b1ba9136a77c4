import type { School } from '../schools/school';
import type { Obstacle } from '../candidates/explore';
import type { Choice } from './call';
import type { RuledOut } from './choosing';

/** What became of the schools that a coach prefers, where none of them is called first. */
export type Passed =
  | { state: 'dearer'; school: Pick<School, 'id' | 'name'>; club: string; costs: number }
  | { state: 'ruled-out'; school: RuledOut['school']; reason: Obstacle };

/**
 * Why no preferred school is called first: what the best of them costs over the first call, or what rules the first of them out.
 * Null where one is called, where none is preferred, or where none was looked at.
 *
 * @param choices as they are told, best first
 * @param strokesOf what a call costs as it is told
 */
export function passedOver<T extends Choice>(
  preferred: readonly string[],
  choices: readonly T[],
  ruledOut: readonly RuledOut[],
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
  const out = ruledOut.find(isPreferred);
  return out ? { state: 'ruled-out', school: out.school, reason: out.reason } : null;
}
