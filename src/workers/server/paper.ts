import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import type { Hand } from '@/core/ground/player/player';
import { bunkerNumbers } from '@/core/place/field/bunkerNumbers';
import type { Visit } from '@/core/place/field/field';
import { bookQuestion, quickVisit } from '@/core/place/field/visit';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { pocketBands, pocketCard } from '@/core/tell/pocket/pocketCard';
import {
  bookPdf,
  cardPdf,
  eyePdf,
  lessonPdf,
  pocketPdf,
  practicePdf,
  testPdf,
} from '@/ui/paper/pdf';

/** A bunker book that is to be printed: whose visits are worked out first. */
interface Book extends Omit<Parameters<typeof bookPdf>[0], 'visits'> {
  handed: Hand;
  /** The player's situation; its shot is replaced. */
  situation: object;
}

/** A quick look at what a visit to each bunker costs, at the flag nearest to it. */
function visitsOf({ place, day, handed, situation }: Book): Record<string, Visit | null> {
  const visits = bunkerNumbers(drawnPlace(place), day).flatMap((numbers) => {
    const asked = bookQuestion(place, numbers, handed, day, situation);
    return asked ? [[numbers.id, toTheEnd(quickVisit(asked))] as const] : [];
  });
  return Object.fromEntries(visits);
}

/** What is drawn on paper: apart from the calls, for it brings fonts and a library of its own into a thread. */
export const PAPER = {
  bookPdf: (book: Book) => bookPdf({ ...book, visits: visitsOf(book) }),
  cardPdf,
  lessonPdf,
  pocketBands,
  eyePdf,
  practicePdf,
  testPdf,
  pocketPdf: (sheet: 'single' | 'four', ...asked: Parameters<typeof pocketCard>) =>
    pocketPdf(pocketCard(...asked), sheet),
};
