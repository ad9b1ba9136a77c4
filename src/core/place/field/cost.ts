import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { wayOutToward } from '@/core/search/calls/escape';
import { prescribe } from '@/core/search/calls/prescribe';
import type { Question } from '@/core/search/calls/question';
import { DEFAULT_CAUTION } from '@/core/search/candidates/rank';
import { POINTS } from '@/core/search/candidates/points';
import { leaders, quickQuestion } from '@/core/search/changes/quick';

/** Swings of a quick look at a way out. */
const QUICK = 32;

/**
 * Strokes to hole out from a place with the best that can be played there, at the flag or by a way out that was read; null where
 * nothing gets out.
 *
 * @param fine as the desk calls it; else by a quick search
 */
export function costAt(question: Question, fine: boolean): number | null {
  if (fine) return prescribe(question, { tell: 1 }).calls[0]?.odds.strokes ?? null;
  const { player, shot, caution = DEFAULT_CAUTION } = question;
  const golfer = golferOf(player);
  const swings = sampleSwings(golfer.habits, QUICK, POINTS);
  const ways = shot.escapes.flatMap(
    (escape) =>
      wayOutToward({ player, golfer, shot, swings, caution }, escape, QUICK).way?.rated.odds
        .strokes ?? [],
  );
  const leftIn = ways.length > 0 ? { leftIn: Math.min(...ways) } : {};
  const [leader] = leaders(quickQuestion(question), { ...shot, ...leftIn });
  const costs = [...ways, ...(leader ? [leader.strokes] : [])];
  return costs.length > 0 ? Math.min(...costs) : null;
}
