import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { Tie } from '@/core/search/calls/order';
import { TIE_STROKES } from '@/core/search/candidates/rank';

const NUMBERS = told(['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six']);

const BECAUSE: Record<Tie['because'], string> = told({
  preferred: 'it is played with a technique that you prefer',
  trusted: 'it is this player’s favourite from sand',
  usual: 'it is the standard club for the shot',
  plain: 'it is the plainest shot here',
});

/** Which clubs do as well as the one that is called, or save a little over it, and why that one is called. */
export function tieWords({ clubs, best, because }: Tie): string {
  const [first] = clubs;
  const { saves } = best;
  if (saves >= TIE_STROKES) {
    return t(
      'On strokes alone the {club} would save {saves}. The {first} is called because {because}.',
      { club: best.club, saves: saves.toFixed(2), first: String(first), because: BECAUSE[because] },
    );
  }
  const many = NUMBERS[clubs.length] ?? String(clubs.length);
  return t(
    '{many} clubs are equally good here: {clubs}. The {first} is called because {because}.',
    { many, clubs: clubs.join(', '), first: String(first), because: BECAUSE[because] },
  );
}
