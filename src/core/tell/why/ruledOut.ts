import { distanceWords } from '../words/words';
import { sayLength } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Obstacle } from '@/core/search/candidates/explore';

/** The reason why a club cannot do it in a school, as a sentence. */
export function ruledOutWords(reason: Obstacle, units: UnitSystem): string {
  switch (reason.state) {
    case 'cannot-reach':
      return `Everything this school allows goes ${distanceWords(reason.total, units)} of the ${distanceWords(reason.wanted, units)} wanted.`;
    case 'cannot-get-out':
      if (reason.clearance === null) return 'Comes down before it is out.';
      return `Meets the lip ${sayLength(Math.max(0, -reason.clearance), 'height', units)} below its edge.`;
    case 'too-far':
      return `The shortest swing that this school allows already goes ${distanceWords(reason.total, units)}.`;
    case 'aim':
      return `The face would send it ${Math.round(reason.aimDeg)}° off the path; this school allows ${Math.round(reason.most)}°.`;
    case 'unfit':
      return reason.text;
  }
}
