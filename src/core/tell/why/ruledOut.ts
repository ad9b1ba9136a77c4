import { distanceWords } from '../words/words';
import { sayLength } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Obstacle } from '@/core/search/candidates/explore';

/** The reason why a club cannot do it in a school, as a sentence. */
export function ruledOutWords(reason: Obstacle, units: UnitSystem): string {
  switch (reason.state) {
    case 'cannot-reach':
      return `Reaches only ${distanceWords(reason.total, units)} of the ${distanceWords(reason.wanted, units)} needed.`;
    case 'cannot-get-out':
      if (reason.clearance === null) return 'Comes down before it clears the bunker.';
      return `Hits the lip ${sayLength(Math.max(0, -reason.clearance), 'height', units)} below the top.`;
    case 'too-far':
      return `Even the shortest swing for this technique goes ${distanceWords(reason.total, units)}.`;
    case 'aim':
      return `The face would start it ${Math.round(reason.aimDeg)}° off the swing path; this technique allows ${Math.round(reason.most)}°.`;
    case 'unfit':
      return reason.text;
  }
}
