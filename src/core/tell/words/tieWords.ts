import type { Tie } from '@/core/search/calls/order';
import { TIE_STROKES } from '@/core/search/candidates/rank';

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six'];

const BECAUSE: Record<Tie['because'], string> = {
  trusted: 'it is this player’s favourite from sand',
  usual: 'it is the standard club for the shot',
  plain: 'it is the plainest shot here',
};

/** Which clubs do as well as the one that is called, or save a little over it, and why that one is called. */
export function tieWords({ clubs, best, because }: Tie): string {
  const [first] = clubs;
  const { saves } = best;
  if (saves >= TIE_STROKES) {
    return `On strokes alone the ${best.club} would save ${saves.toFixed(2)}. The ${first} is called because ${BECAUSE[because]}.`;
  }
  const many = NUMBERS[clubs.length] ?? String(clubs.length);
  return `${many} clubs are equally good here: ${clubs.join(', ')}. The ${first} is called because ${BECAUSE[because]}.`;
}
