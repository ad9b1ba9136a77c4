import type { LoggedFields } from './ball';
import { counted } from '@/core/tell/words/counted';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';

/** What was seen of a ball, in a line: "in 1.5 in behind, carried 12 yd, stopped at 15 yd, 2 yd left, thin". */
export function seenWords(ball: LoggedFields, units: UnitSystem): string {
  const parts: string[] = [];
  if (ball.entry_m !== undefined) {
    const unit = unitFor('short', units);
    const far = plainNumber(fromMetres(Math.abs(ball.entry_m), unit));
    parts.push(`entered ${far} ${unit} ${ball.entry_m < 0 ? 'in front' : 'behind'}`);
  }
  if (ball.carry_m !== undefined) parts.push(`carried ${sayLength(ball.carry_m, 'ground', units)}`);
  if (ball.along_m !== undefined) {
    const right = ball.right_m ?? 0;
    const side =
      Math.abs(right) < 0.25
        ? 'on line'
        : `${sayLength(Math.abs(right), 'ground', units)} ${right > 0 ? 'right' : 'left'}`;
    parts.push(`stopped at ${sayLength(ball.along_m, 'ground', units)}, ${side}`);
  }
  if (ball.strike) parts.push(ball.strike);
  if (ball.strokes_after !== undefined) {
    parts.push(
      ball.strokes_after === 0 ? 'holed' : `then ${counted(ball.strokes_after, 'stroke')}`,
    );
  }
  if (ball.note) parts.push(`“${ball.note}”`);
  if (ball.changed) parts.push(`changed: ${ball.changed}`);
  return parts.join(', ');
}
