import { samplerOf } from '@/core/ground/numeric/sampling';
import { drillProgress } from '../homework/progress';
import { movedWords } from '@/core/tell/drills/progressWords';
import type { DrillResult } from '../homework/result';

/*
 * What is said of homework after each session, month by month, to players who do not change and to players who do; their days differ by more
 * than their balls do.
 */

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

interface Month {
  drills: number;
  days: number;
  balls: number;
  /** How the days differ, standard deviation on the logit. */
  daySd: number;
  /** By how much the player gets better over the month, on the logit. */
  gained?: number;
}

/** Shares of months in which a drill is said to be better or not as good after any session, and after the last. */
function saidIn({ drills, days, balls, daySd, gained = 0 }: Month, months = 600) {
  const { uniform, normal } = samplerOf(11);
  let ever = 0;
  let atLast = 0;
  for (let month = 0; month < months; month++) {
    const results: DrillResult[] = [];
    const levels = Array.from({ length: drills }, () => normal(0.3, 0.8));
    let said = false;
    let last = false;
    for (let day = 0; day < days; day++) {
      levels.forEach((level, drill) => {
        const chance = logistic(level + normal(0, daySd) + (gained * day) / (days - 1));
        const count = Array.from({ length: balls }, uniform).filter((u) => u < chance).length;
        const date = `2026-05-${String(1 + 2 * day).padStart(2, '0')}`;
        results.push({ drill: `drill-${drill}`, day: date, count, of: balls } as DrillResult);
      });
      last = drillProgress(results).some(
        ({ moved }) => moved && movedWords(moved) !== 'No clear change yet.',
      );
      said ||= last;
    }
    ever += Number(said);
    atLast += Number(last);
  }
  return { ever: ever / months, atLast: atLast / months };
}

describe('a player who does not change', () => {
  test.each<Month>([
    { drills: 1, days: 8, balls: 10, daySd: 0.4 },
    { drills: 1, days: 12, balls: 30, daySd: 0.7 },
    { drills: 3, days: 8, balls: 20, daySd: 0.4 },
    { drills: 3, days: 12, balls: 20, daySd: 0.7 },
    { drills: 2, days: 4, balls: 10, daySd: 0 },
  ])('is told of a change in 4 of 100 months at most: %o', (month) => {
    expect(saidIn(month).ever).toBeLessThanOrEqual(0.04);
  });
});

test('a player who gains much is mostly told so by the end of the month', () => {
  expect(
    saidIn({ drills: 1, days: 12, balls: 30, daySd: 0.4, gained: 3.5 }).atLast,
  ).toBeGreaterThan(0.8);
});
