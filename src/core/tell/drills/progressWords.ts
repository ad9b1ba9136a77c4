import { t } from '@/core/tell/language/t';

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
