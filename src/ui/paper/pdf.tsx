import { renderToBuffer, type DocumentProps } from '@react-pdf/renderer';
import type { ComponentProps, ReactElement } from 'react';
import { BookPaper } from './BookPaper';
import { CardPaper } from './CardPaper';
import { EyePaper } from './EyePaper';
import { LessonPaper } from './LessonPaper';
import { PocketPaper } from './PocketPaper';
import { PracticePaper } from './PracticePaper';
import { TestPaper } from './TestPaper';

/** A document as bytes that may leave the thread they were made in. */
type Pdf = Uint8Array<ArrayBuffer>;

const rendered = async (paper: ReactElement<DocumentProps>): Promise<Pdf> =>
  new Uint8Array(await renderToBuffer(paper));

/** The card of a reading as a PDF. */
export const cardPdf = (card: ComponentProps<typeof CardPaper>): Promise<Pdf> =>
  rendered(<CardPaper {...card} />);

/** A lesson, or the card that a player takes home of it, as a PDF. */
export const lessonPdf = (lesson: ComponentProps<typeof LessonPaper>): Promise<Pdf> =>
  rendered(<LessonPaper {...lesson} />);

/** Practice as a sheet to tick, as a PDF. */
export const practicePdf = (practice: ComponentProps<typeof PracticePaper>): Promise<Pdf> =>
  rendered(<PracticePaper {...practice} />);

/** A bunker test as a PDF. */
export const testPdf = (test: ComponentProps<typeof TestPaper>): Promise<Pdf> =>
  rendered(<TestPaper {...test} />);

/** A round of scenes for a class, with its answers, as a PDF. */
export const eyePdf = (round: ComponentProps<typeof EyePaper>): Promise<Pdf> =>
  rendered(<EyePaper {...round} />);

/** The bunker book of a place as a PDF. */
export const bookPdf = (book: ComponentProps<typeof BookPaper>): Promise<Pdf> =>
  rendered(<BookPaper {...book} />);

/** A pocket card as a PDF, one or four to a sheet. */
export const pocketPdf = (
  card: ComponentProps<typeof PocketPaper>['card'],
  sheet: 'single' | 'four',
): Promise<Pdf> => rendered(<PocketPaper card={card} sheet={sheet} />);
