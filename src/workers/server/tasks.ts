import type { UnitSystem } from '@/core/ground/units/system';
import { readLessonFile } from '@/core/lesson/exchange/exchange';
import { previewPlayersCsv } from '@/core/lesson/players/playersCsv';
import { pocketCard } from '@/core/lesson/pocket/pocketCard';
import { answer, sheetFor } from '@/core/tell/answer/answer';
import { changeEntries } from '@/core/tell/answer/changes';
import { simulate } from '@/core/tell/answer/simulation';
import { parseJson } from '@/core/tell/format/fault';
import { readSituation } from '@/core/tell/format/situation';
import type * as Paper from '@/ui/paper/pdf';

const clock = (): number => performance.now();

/** What makes paper: loaded when the first is wanted, for it is large. */
const paper = (): Promise<typeof Paper> => import('@/ui/paper/pdf');

/** Everything that is too long for the thread that answers requests. */
export const TASKS = {
  answer: (situation: unknown, units: UnitSystem) => answer(situation, units, clock),

  /** A call sheet; also with when the call changes. */
  sheet(situation: unknown, changes = false) {
    const reading = readSituation(situation);
    const { sheet } = sheetFor(reading, 'yards', clock);
    if (!changes) return sheet;
    return { ...sheet, changes_when: changeEntries(reading, 'yards', sheet.calls[0]) };
  },

  simulate: (input: unknown) => simulate(input),

  previewPlayers: (...asked: Parameters<typeof previewPlayersCsv>) => previewPlayersCsv(...asked),

  readLesson: (text: string) => readLessonFile(parseJson(text, 'file')),

  cardPdf: async (...asked: Parameters<(typeof Paper)['cardPdf']>) =>
    (await paper()).cardPdf(...asked),
  lessonPdf: async (...asked: Parameters<(typeof Paper)['lessonPdf']>) =>
    (await paper()).lessonPdf(...asked),
  pocketPdf: async (sheet: 'single' | 'four', ...asked: Parameters<typeof pocketCard>) =>
    (await paper()).pocketPdf(pocketCard(...asked), sheet),
};

export type TaskName = keyof typeof TASKS;
export type Asked<N extends TaskName> = Parameters<(typeof TASKS)[N]>;
export type Answered<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;

/** A task as it goes to a thread. */
export interface Order<N extends TaskName> {
  name: N;
  asked: Asked<N>;
}
