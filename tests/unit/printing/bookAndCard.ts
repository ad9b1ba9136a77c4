import { bunkerNumbers } from '@/core/place/field/bunkerNumbers';
import { visitWords } from '@/core/tell/place/numberWords';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import { aSituation } from '@/core/testing/records';
import { plainPlace } from '@/core/testing/place';
import { bookPdf, cardPdf } from '@/ui/paper/pdf';
import { textsOf } from './texts';

/* Prints a bunker book and a card, and what stands on them as JSON. A process of its own, as for the pocket card. */

const said = async (pdf: Uint8Array): Promise<string> =>
  (await textsOf(pdf))
    .flat()
    .map(({ text }) => text)
    .join(' ');

const DAY = '2026-06-01';
const place = plainPlace();
const visit = {
  mean: 3.95,
  least: 2.96,
  most: 4.12,
  worstAt: [0, 0] as [number, number],
  places: 4,
};
const ids = bunkerNumbers(drawnPlace(place), DAY).map(({ id }) => id);
const visits = Object.fromEntries(ids.map((id) => [id, visit]));
const book = await bookPdf({ place, day: DAY, player: 'Ada Lund', visits, units: 'yards' });

const situation = aSituation();
const found = answer(situation, 'yards', () => 0, 1);
const tie = 'Three clubs are equally good here: 60, 56 and 52.';
const card = await cardPdf({
  player: { name: 'Ada Lund', handed: 'left' },
  said: 'A shot',
  shot: readSituation(situation).question.shot,
  answer: { ...found, sheet: { ...found.sheet, tie } },
  units: 'yards',
});
process.stdout.write(
  JSON.stringify({
    bunkers: ids.length,
    visit: visitWords(visit),
    book: await said(book),
    tie,
    card: await said(card),
  }),
);
