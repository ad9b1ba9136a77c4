import type { Sampler } from '@/core/ground/numeric/sampling';
import { radians } from '@/core/ground/units/angle';
import type { SwingError } from '@/core/model/swing/swingError';
import type { Change } from '../peers/meant';
import type { Effect } from './causes';

/** How far a cause's strength varies about its usual one. */
const STRENGTHS = [0.5, 1.6] as const;

/** A strength at random. */
export const drawStrength = ({ uniform }: Sampler): number =>
  STRENGTHS[0] + (STRENGTHS[1] - STRENGTHS[0]) * uniform();

/**
 * What an effect of some strength makes of a swing.
 *
 * @param bias about which the player's marks and heights lie
 */
export const changedBy =
  (
    { shift, wider = {} }: Effect,
    strength: number,
    bias: { mark: number; height: number },
  ): Change =>
  (swing) => {
    const widen = (factor = 1): number => 1 + (factor - 1) * strength;
    const by = (value = 0): number => value * strength;
    return {
      mark: bias.mark + (swing.mark - bias.mark) * widen(wider.mark) + by(shift.mark),
      height: bias.height + (swing.height - bias.height) * widen(wider.height) + by(shift.height),
      attack: swing.attack + by(shift.attack),
      speed:
        (1 + (swing.speed - 1) * widen(wider.speed)) * (1 + ((shift.speed ?? 1) - 1) * strength),
      face: swing.face + by(shift.face),
      aim: swing.aim + by(shift.aim),
    };
  };

/** What something that nobody has described may move, and how far. Tuned: about as far as the causes that are known. */
const UNKNOWN: readonly (readonly [name: keyof SwingError, far: number])[] = [
  ['mark', 0.03],
  ['height', 0.006],
  ['attack', radians(5)],
  ['speed', 0.22],
  ['face', radians(12)],
  ['aim', radians(8)],
];
const WIDENED = ['mark', 'height', 'speed'] as const;
const MOST_WIDENED = 1.5;

/** Something that is none of the causes: two things moved, either way, and one of them wider at times. */
export function drawUnknown({ uniform, oneOf }: Sampler): Effect {
  const one = Math.floor(uniform() * UNKNOWN.length);
  const other = (one + 1 + Math.floor(uniform() * (UNKNOWN.length - 1))) % UNKNOWN.length;
  const shift: Partial<SwingError> = {};
  for (const at of [one, other]) {
    const [name, far] = UNKNOWN[at]!;
    const moved = far * (2 * uniform() - 1);
    shift[name] = name === 'speed' ? 1 + moved : moved;
  }
  const wide = oneOf(WIDENED);
  return { shift, wider: { [wide]: 1 + MOST_WIDENED * Math.max(0, uniform() - 0.5) } };
}
