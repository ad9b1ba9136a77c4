import { t } from '@/core/ground/language/t';
import { counted } from '@/core/tell/words/counted';
import { fromMetres } from '@/core/ground/units/length';
import { student } from '@/core/ground/numeric/student';
import { plainNumber, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { outMovedWords } from './moved';
import type { BallStats } from './stats';

/** What a lesson came to for a player. */
export interface SummaryPart {
  player: { name: string };
  stats: BallStats;
  first: BallStats | null;
  second: BallStats | null;
}

const percent = (share: number): string => `${Math.round(share * 100)}%`;

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

/** A lesson in sentences: what each player hit, what came out, where the marks lay, and what moved between the halves. */
export function summaryWords(
  place: string,
  parts: readonly SummaryPart[],
  units: UnitSystem,
): string {
  const sentences = parts.flatMap((part) => {
    const { stats } = part;
    const { name } = part.player;
    if (stats.balls === 0) return [t('No balls were logged for {name}.', { name })];
    const { out } = stats;
    const came =
      out.of > 0
        ? t('; {count} of {of} came out, {percent} ({percent2} to {percent3})', {
            count: out.count,
            of: out.of,
            percent: percent(out.share),
            percent2: percent(out.low),
            percent3: percent(out.high),
          })
        : '';
    return [
      t('{name} hit {balls}{came}.', { name, balls: counted(stats.balls, 'ball'), came }),
      movedSentence(part),
      markWords(part, units),
    ];
  });
  return [t('At {place}.', { place }), ...sentences].filter(Boolean).join(' ');
}
