import type { BallStats } from './stats';

/** A part of a lesson with what its balls came to. */
export interface SummaryPart {
  player: string;
  stats: BallStats;
  first: BallStats | null;
  second: BallStats | null;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** A lesson in sentences: what each player hit, what came out, and what moved between the halves. */
export function summaryWords(place: string, parts: readonly SummaryPart[]): string {
  const sentences = [`At ${place}.`];
  for (const { player, stats, first, second } of parts) {
    if (stats.balls === 0) {
      sentences.push(`${player} hit no ball that was logged.`);
      continue;
    }
    const { out } = stats;
    sentences.push(
      `${player} hit ${stats.balls} balls${
        out.of > 0
          ? `; ${out.count} of ${out.of} came out, ${percent(out.share)} (${percent(out.low)} to ${percent(out.high)})`
          : ''
      }.`,
    );
    if (first && second && first.out.of >= 3 && second.out.of >= 3) {
      const apart = second.out.low > first.out.high || second.out.high < first.out.low;
      sentences.push(
        `From the first half to the second the share that came out went from ${percent(first.out.share)} to ${percent(second.out.share)}${apart ? '' : ', which so few balls cannot tell from chance'}.`,
      );
    }
    if (first?.entry && second?.entry) {
      const cm = (metres: number): string => `${(metres * 100).toFixed(1)} cm`;
      sentences.push(
        `The mark spread by ${cm(first.entry.spread)} at first and by ${cm(second.entry.spread)} at last.`,
      );
    }
  }
  return sentences.join(' ');
}
