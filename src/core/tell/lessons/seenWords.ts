import { STRIKE_WORDS } from '@/core/tell/lessons/strikeWords';
import { t } from '@/core/tell/language/t';
import type { LoggedFields } from '@/core/lesson/balls/ball';
import { counted } from '@/core/tell/words/counted';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';

/** What was seen of a ball, in a line: "entered 1.5 in behind the ball, carried 12 yd, stopped at 15 yd, 2 yd left, thin". */
export function seenWords(ball: LoggedFields, units: UnitSystem): string {
  const parts: string[] = [];
  if (ball.entry_m !== undefined) {
    const unit = unitFor('short', units);
    const far = plainNumber(fromMetres(Math.abs(ball.entry_m), unit));
    parts.push(
      ball.entry_m < 0
        ? t('entered {far} {unit} past the ball', { far, unit })
        : t('entered {far} {unit} behind the ball', { far, unit }),
    );
  }
  if (ball.carry_m !== undefined)
    parts.push(t('carried {carry}', { carry: sayLength(ball.carry_m, 'ground', units) }));
  if (ball.along_m !== undefined) {
    const right = ball.right_m ?? 0;
    const side =
      Math.abs(right) < 0.25
        ? t('on line')
        : `${sayLength(Math.abs(right), 'ground', units)} ${right > 0 ? t('right') : t('left')}`;
    parts.push(
      t('stopped at {along}, {side}', { along: sayLength(ball.along_m, 'ground', units), side }),
    );
  }
  if (ball.strike) parts.push(STRIKE_WORDS[ball.strike]);
  if (ball.strokes_after !== undefined) {
    parts.push(
      ball.strokes_after === 0
        ? t('holed')
        : t('then {strokes}', { strokes: counted(ball.strokes_after, 'stroke') }),
    );
  }
  if (ball.note) parts.push(`“${ball.note}”`);
  if (ball.changed) parts.push(t('changed: {changed}', { changed: ball.changed }));
  return parts.join(', ');
}
