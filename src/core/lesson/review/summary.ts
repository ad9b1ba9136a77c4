import { counted } from '@/core/tell/words/counted';
import { fromMetres } from '@/core/ground/units/length';
import { student95 } from '@/core/ground/numeric/fewBalls';
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
  return moved ? `Out of the bunker: ${moved}.` : '';
}

/** How the marks lay: off the call, and how widely in each half. */
function markWords({ stats, first, second }: SummaryPart, units: UnitSystem): string {
  if (!stats.entry) return '';
  const unit = unitFor('short', units);
  const far = (metres: number): string =>
    `${plainNumber(fromMetres(Math.abs(metres), unit))} ${unit}`;
  const { bias, spread, of } = stats.entry;
  const error = (student95(of - 1) * spread) / Math.sqrt(of);
  const where =
    Math.abs(bias) < error
      ? 'The club entered where planned, as far as the balls can show'
      : `The club entered ${far(bias)} ${bias > 0 ? 'further behind the ball' : 'nearer the ball'} than planned (give or take ${far(error)})`;
  const halves =
    first?.entry && second?.entry
      ? `; first half ± ${far(first.entry.spread)}, second half ± ${far(second.entry.spread)}`
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
    if (stats.balls === 0) return [`No balls were logged for ${name}.`];
    const { out } = stats;
    const came =
      out.of > 0
        ? `; ${out.count} of ${out.of} came out, ${percent(out.share)} (${percent(out.low)} to ${percent(out.high)})`
        : '';
    return [
      `${name} hit ${counted(stats.balls, 'ball')}${came}.`,
      movedSentence(part),
      markWords(part, units),
    ];
  });
  return [`At ${place}.`, ...sentences].filter(Boolean).join(' ');
}
