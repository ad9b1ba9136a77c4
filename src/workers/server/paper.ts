import { pocketBands, pocketCard } from '@/core/lesson/pocket/pocketCard';
import { cardPdf, eyePdf, lessonPdf, pocketPdf, practicePdf, testPdf } from '@/ui/paper/pdf';

/** What is drawn on paper: apart from the calls, for it brings fonts and a library of its own into a thread. */
export const PAPER = {
  cardPdf,
  lessonPdf,
  pocketBands,
  eyePdf,
  practicePdf,
  testPdf,
  pocketPdf: (sheet: 'single' | 'four', ...asked: Parameters<typeof pocketCard>) =>
    pocketPdf(pocketCard(...asked), sheet),
};
