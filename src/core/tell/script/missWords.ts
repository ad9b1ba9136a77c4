import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { Hand } from '@/core/ground/player/player';
import type { Finish } from '@/core/model/flight/finish';
import type { MissName } from '@/core/model/shot/misses';
import type { Outcome } from '@/core/model/shot/outcome';
import type { Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';
import { sayLength, saySmall } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { listed } from '../words/listed';
import { distanceWords } from '../words/words';

/** What each miss is called. */
export const MISS_WORDS: Record<MissName, string> = told({
  heavy: 'heavy',
  thin: 'thin',
  shut: 'closed|face',
  open: 'open|face',
  slow: 'slow',
  quick: 'fast',
});

/** What was done, in a few words. */
function doneWords(miss: MissName, error: SwingError, units: UnitSystem): string {
  switch (miss) {
    case 'heavy':
      return units === 'metres' ? t('2.5 cm heavy') : t('An inch heavy');
    case 'thin':
      return t('Arc {height} too high, thin', { height: saySmall(-error.height, units) });
    case 'shut':
      return t('Face 6° more closed');
    case 'open':
      return t('Face 6° more open');
    case 'slow':
      return t('15% slower');
    case 'quick':
      return t('15% faster');
  }
}

/** Distance to the side under which a ball is said to be on line, m. */
const ON_LINE = 1;

function placeWords(
  finish: Finish,
  shot: Shot,
  { units, handed }: { units: UnitSystem; handed: Hand },
): string {
  const past = finish.x - shot.pin;
  const toPlayersSide = finish.y > 0;
  const side = toPlayersSide === (handed === 'right') ? t('left') : t('right');
  const parts: string[] = [];
  if (Math.abs(past) >= 0.5)
    parts.push(`${distanceWords(Math.abs(past), units)} ${past > 0 ? t('past') : t('short')}`);
  if (Math.abs(finish.y) >= ON_LINE)
    parts.push(`${distanceWords(Math.abs(finish.y), units)} ${side}`);
  return parts.length > 0 ? listed(parts) : t('by the flag');
}

/** A miss and what becomes of it, in a sentence: "An inch heavy: out, 6 yards short, 2.9 strokes." */
export function missWords(
  miss: MissName,
  error: SwingError,
  finish: Finish,
  outcome: Outcome,
  shot: Shot,
  telling: { units: UnitSystem; handed: Hand },
): string {
  const done = doneWords(miss, error, telling.units);
  const strokes = t('{strokes} strokes from here', { strokes: outcome.strokes.toFixed(1) });
  if (outcome.lip > 0.5)
    return t('{done}: catches the lip and stays in; {strokes}.', { done, strokes });
  if (outcome.out < 0.5) {
    const gone = sayLength(finish.carry, 'ground', telling.units);
    return t('{done}: goes {gone} and stays in the bunker; {strokes}.', { done, gone, strokes });
  }
  const where =
    outcome.green > 0.5 ? t('on the green') : finish.x > shot.back ? t('over the green') : t('out');
  return `${done}: ${where}, ${placeWords(finish, shot, telling)}; ${strokes}.`;
}
