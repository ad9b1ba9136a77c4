import type { Mastery, Techniques } from '@/core/ground/player/player';
import type { Call, Choice } from './call';

/** A technique that the player would have to learn first, as well as it can be played here. */
export interface ToLearn {
  call: Call;
  mastery: Exclude<Mastery, 'knows'>;
  /** Strokes that it saves over the cheapest call once the player knows it; negative where it costs more. */
  saves: number;
}

/**
 * The best choice of each school that the player would have to learn first, told like the calls; what saves most first.
 *
 * @param learnable of any clubs and schools
 * @param strokes what the cheapest of the calls costs
 * @param told how a choice is told
 */
export function toLearn(
  learnable: readonly Choice[],
  strokes: number,
  techniques: Techniques | undefined,
  told: (choice: Choice) => Call,
): ToLearn[] {
  const best = new Map<string, Choice>();
  for (const choice of [...learnable].sort((a, b) => a.cost - b.cost))
    if (!best.has(choice.school.id)) best.set(choice.school.id, choice);
  return [...best.values()]
    .map((choice): ToLearn => {
      const call = told(choice);
      const saves = strokes - call.odds.strokes;
      const mastery = techniques?.[choice.school.id] === 'learning' ? 'learning' : 'not-yet';
      return { call, mastery, saves };
    })
    .sort((a, b) => b.saves - a.saves);
}
