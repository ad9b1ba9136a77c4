import type { Skill } from '@/core/ground/player/player';
import { t } from '@/core/tell/language/t';
import type { ToLearn } from '@/core/search/calls/toLearn';
import { techniqueName } from '@/core/tell/words/techniques';

/** Less than this is not worth an hour of practice, strokes. */
const WORTH = 0.05;

/**
 * What is said of a technique that the player would have to learn first; null where it saves too little to speak of, or for a
 * beginner who is not at it already: teachers of these techniques keep them from beginners.
 */
export function learnWords({ call, mastery, saves }: ToLearn, skill: Skill): string | null {
  if (saves < WORTH || (skill === 'beginner' && mastery === 'not-yet')) return null;
  const technique = techniqueName(call.school.id);
  const said = { technique, club: call.setup.club.name, strokes: saves.toFixed(2) };
  return mastery === 'learning'
    ? t(
        'Still learning: {technique}, with the {club}. Once it is known it saves {strokes} strokes here.',
        said,
      )
    : t(
        'Worth learning: {technique}, with the {club}. Once it is known it saves {strokes} strokes here.',
        said,
      );
}
