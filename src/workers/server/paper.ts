import { pocketBands, pocketCard } from '@/core/lesson/pocket/pocketCard';
import { cardPdf, lessonPdf, pocketPdf } from '@/ui/paper/pdf';

/** What is drawn on paper: apart from the calls, for it brings fonts and a library of its own into a thread. */
export const PAPER = {
  cardPdf,
  lessonPdf,
  pocketBands,
  pocketPdf: (sheet: 'single' | 'four', ...asked: Parameters<typeof pocketCard>) =>
    pocketPdf(pocketCard(...asked), sheet),
};
