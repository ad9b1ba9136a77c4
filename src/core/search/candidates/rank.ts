import type { Odds } from '@/core/model/odds/odds';

/**
 * Weight of the worst tenth in the ranking when nobody says otherwise. Coaches rule out first by what a miss
 * costs; at 0.15 a shot whose worst tenth costs one stroke more must save 0.18 strokes on the rest to be called.
 */
export const DEFAULT_CAUTION = 0.15;

/** Strokes with `caution` (0 to 1) of the weight moved to the worst tenth. Lower is better. */
export const scoreOf = (odds: Odds, caution: number): number =>
  (1 - caution) * odds.strokes + caution * odds.worstTenth;

/** Differences of strokes below this are a tie whatever the sample says: nobody could tell on the course. */
export const TIE_STROKES = 0.02;

/**
 * Those of other clubs than the first that score no more than a tie over the least, best first: as good as the first as far as
 * anybody could tell, or better.
 *
 * @param all the one that is called first, the others in any order
 * @example
 * asGood([{ club: '56', score: 3 }, { club: '52', score: 3.1 }, { club: '60', score: 2.99 }]); // => [{ club: '60', score: 2.99 }]
 */
export function asGood<T extends { club: string; score: number }>(all: readonly T[]): T[] {
  const least = Math.min(...all.map(({ score }) => score));
  return all
    .filter(({ club, score }) => score - least < TIE_STROKES && club !== all[0]!.club)
    .sort((a, b) => a.score - b.score);
}
