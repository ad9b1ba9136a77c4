import { fromMetres, LENGTH_UNITS } from '@/core/ground/units/length';
import { lengthOf } from '@/core/contract/check/fields';
import type { ShotInput } from '@/core/contract/shot/shot';
import { withField } from './reading';

/** A length put in place of what stands there, in the same unit, to a tenth and no shorter. */
function moved(shot: ShotInput, name: 'edge' | 'back', metres: number): ShotInput {
  const unit = LENGTH_UNITS.find((each) => `${name}_${each}` in shot)!;
  return withField(shot, `${name}_${unit}`, Math.ceil(fromMetres(metres, unit) * 10 - 1e-6) / 10);
}

/**
 * A shot whose flag was moved past an edge of its green, with that edge moved along: the green keeps the room that it had before or
 * behind the flag, as far as the lip lets it. A flag that stays on its green moves nothing.
 *
 * @param next the shot with the flag where it is now
 * @param before the shot as it was
 * @example
 * greenFollows({ pin_yd: 9, edge_yd: 11 }, { pin_yd: 18, edge_yd: 11 }); // => { pin_yd: 9, edge_yd: 2 }
 */
export function greenFollows(next: ShotInput, before: ShotInput): ShotInput {
  const pin = lengthOf(next, 'pin');
  const was = lengthOf(before, 'pin');
  if (pin === undefined || was === undefined || pin === was) return next;
  const edge = lengthOf(next, 'edge');
  const back = lengthOf(next, 'back');
  const lip = next.lip ? (lengthOf(next.lip, 'distance') ?? 0) : 0;
  let shot = next;
  if (edge !== undefined && edge > pin && lip <= pin) {
    shot = moved(shot, 'edge', Math.max(lip, 0.5, pin - Math.max(0, was - edge)));
  }
  if (back !== undefined && back < pin) shot = moved(shot, 'back', pin + Math.max(0, back - was));
  return shot;
}
