import { distanceWords } from '../script/words';
import type { UnitSystem } from '../units/system';
import { fromMetres } from '../units/length';
import type { RuledOut } from './prescribe';

/** The reason why a club cannot do it in a school, as a sentence. */
export function ruledOutWords({ reason }: RuledOut, units: UnitSystem): string {
  switch (reason.state) {
    case 'cannot-reach':
      return `Everything the player has goes ${distanceWords(reason.total, units)} of the ${distanceWords(reason.wanted, units)} wanted.`;
    case 'cannot-get-out': {
      if (reason.clearance === null) return 'Comes down before the lip.';
      const short = Math.max(0, -reason.clearance);
      const words =
        units === 'metres' ? `${short.toFixed(1)} m` : `${fromMetres(short, 'ft').toFixed(1)} ft`;
      return `Even a full swing meets the lip ${words} below its edge.`;
    }
    case 'too-far':
      return `The shortest swing already goes ${distanceWords(reason.total, units)}.`;
    case 'aim':
      return `The open face would send it ${Math.round(reason.aimDeg)}° off the feet; this school allows ${reason.most}°.`;
  }
}
