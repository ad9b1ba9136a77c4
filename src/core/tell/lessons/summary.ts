import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import { fromMetres } from '@/core/ground/units/length';
import { student } from '@/core/ground/numeric/student';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { outMovedWords } from './moved';
import type { BallStats } from '@/core/lesson/review/stats';

/** What a lesson came to for a player. */
export interface SummaryPart {
  player: { name: string };
  stats: BallStats;
  first: BallStats | null;
  second: BallStats | null;
}

/** How the share that came out moved from the first half to the second; empty with too few balls. */
function movedSentence({ first, second }: SummaryPart): string {
  const moved = first && second && outMovedWords(first.out, second.out);
  return moved ? t('Out of the bunker: {moved}.', { moved }) : '';
}

/** How the marks lay: off the call, and how widely in each half. */
function markWords({ stats, first, second }: SummaryPart, units: UnitSystem): string {
  if (!stats.entry) return '';
  const unit = unitFor('short', units);
  const far = (metres: number): string =>
    `${plainNumber(fromMetres(Math.abs(metres), unit))} ${unit}`;
  const { bias, spread, of } = stats.entry;
  const error = (student(of - 1, 0.05) * spread) / Math.sqrt(of);
  const where =
    Math.abs(bias) < error
      ? t('The club entered where planned, as far as the balls can show')
      : t('The club entered {far} {bias} than planned (give or take {far2})', {
          far: far(bias),
          bias: bias > 0 ? t('further behind the ball') : t('nearer the ball'),
          far2: far(error),
        });
  const halves =
    first?.entry && second?.entry
      ? t('; early at each station ± {far}, late ± {far2}', {
          far: far(first.entry.spread),
          far2: far(second.entry.spread),
        })
      : '';
  return `${where}${halves}.`;
}

/**
 * A lesson in sentences: what each player hit, what came out, where the marks lay, and what moved between the halves. Each of several players has a
 * paragraph, which can be sent alone.
 */
export function summaryWords(
  place: string,
  parts: readonly SummaryPart[],
  units: UnitSystem,
): string {
  const paragraphs = parts.map((part) => {
    const { stats } = part;
    const { name } = part.player;
    if (stats.balls === 0) return t('No balls were logged for {name}.', { name });
    const { out } = stats;
    const came =
      out.of > 0 ? t('; {count} of {of} came out', { count: out.count, of: out.of }) : '';
    return [
      t('{name} hit {balls}{came}.', { name, balls: counted(stats.balls, 'ball'), came }),
      movedSentence(part),
      markWords(part, units),
    ]
      .filter(Boolean)
      .join(' ');
  });
  const at = t('At {place}.', { place });
  return paragraphs.length === 1 ? [at, ...paragraphs].join(' ') : [at, ...paragraphs].join('\n\n');
}
