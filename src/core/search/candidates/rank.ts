import type { Odds } from '@/core/model/shot/odds';

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
