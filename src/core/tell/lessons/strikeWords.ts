import { told } from '@/core/tell/language/told';
import type { Strike } from '@/core/lesson/balls/ball';

/** How a strike is said. */
export const STRIKE_WORDS: Record<Strike, string> = told({
  good: 'good',
  thin: 'thin',
  heavy: 'heavy',
  lip: 'lip',
  heel: 'heel',
});
