import { t } from '@/core/ground/language/t';
import { shareMoved, shareOf, type Share } from '../review/stats';
import type { DrillResult } from './result';

/** How a drill goes from day to day. */
export interface DrillProgress {
  drill: string;
  /** Each day with what was counted on it, first day first. */
  days: { day: string; share: Share }[];
  all: Share;
  /** How the later half of the days stands to the earlier one; null with one day. */
  moved: { by: number; low: number; high: number } | null;
}

const shareOfAll = (results: readonly Pick<DrillResult, 'count' | 'of'>[]): Share =>
  shareOf(
    results.reduce((sum, { count }) => sum + count, 0),
    results.reduce((sum, { of }) => sum + of, 0),
  );

/** Progress of each drill that was written down, in the order in which they first were. */
export function drillProgress(results: readonly DrillResult[]): DrillProgress[] {
  const ordered = [...results].sort((a, b) => a.day.localeCompare(b.day));
  return [...new Set(ordered.map(({ drill }) => drill))].map((drill) => {
    const own = ordered.filter((result) => result.drill === drill);
    const days = [...new Set(own.map(({ day }) => day))].map((day) => ({
      day,
      share: shareOfAll(own.filter((result) => result.day === day)),
    }));
    const middle = days[Math.ceil(days.length / 2)]?.day;
    const half = (later: boolean): Share =>
      shareOfAll(own.filter(({ day }) => day >= middle! === later));
    return {
      drill,
      days,
      all: shareOfAll(own),
      moved: middle === undefined ? null : shareMoved(half(false), half(true)),
    };
  });
}

/**
 * Progress in a sentence, with what can be said of it: never more than the balls show.
 *
 * @example
 * movedWords({ by: 0.3, low: 0.1, high: 0.5 }); // => 'Better than at the start, by 10 to 50 balls in 100.'
 */
export function movedWords({ low, high }: { by: number; low: number; high: number }): string {
  const hundred = (share: number): number => Math.round(Math.abs(share) * 100);
  if (low > 0) {
    return t('Better than at the start, by {low} to {high} balls in 100.', {
      low: hundred(low),
      high: hundred(high),
    });
  }
  if (high < 0) {
    return t('Not as good as at the start, by {low} to {high} balls in 100.', {
      low: hundred(high),
      high: hundred(low),
    });
  }
  return t('No clear change yet.');
}
