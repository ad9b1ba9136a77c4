import type { Green } from '@/core/ground/situation/green';
import { turfOf } from './bounceAndRun';

/**
 * True of a green on which a rolling ball comes to rest: its drag is more than what the slope pulls. On one that runs away at five
 * degrees at stimp 11 none does.
 */
export function holds(green: Green): boolean {
  const { drag, pull } = turfOf(green);
  return drag + pull > 0;
}
