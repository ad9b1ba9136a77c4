import { callSheet, type CallSheet } from '../sheet/callSheet';
import { readSituation, type Reading } from '../format/readSituation';
import { prescribe } from '@/core/search/calls/prescribe';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { UnitSystem } from '@/core/ground/units/system';
import { pictureOf, type CallPicture } from '../picture/picture';

/** A call sheet with the pictures of its calls; none for relief. */
export interface Answer {
  sheet: CallSheet;
  pictures: (CallPicture | null)[];
  golfer: Golfer;
}

/** Calls drawn at the desk. */
const DRAWN = 3;

/** The call sheet of a reading. */
export function sheetFor(
  { question, notes }: Reading,
  units: UnitSystem,
  clock: () => number,
): { sheet: CallSheet; prescription: ReturnType<typeof prescribe> } {
  const start = clock();
  const prescription = prescribe(question);
  const telling = { player: question.player, units, seed: question.seed };
  const sheet = callSheet(prescription, telling, { notes, elapsedMs: clock() - start });
  return { sheet, prescription };
}

/**
 * Answers a situation from outside, with pictures.
 *
 * @param input a situation in the outside format
 * @param units in which sentences are said
 * @param clock milliseconds now, from whoever has a clock; the core has none
 * @throws FaultyInput when the situation is not usable
 */
export function answer(input: unknown, units: UnitSystem, clock: () => number): Answer {
  const { sheet, prescription } = sheetFor(readSituation(input), units, clock);
  const struck = [...prescription.calls];
  const pictures = sheet.calls.slice(0, DRAWN).map((entry) => {
    if (entry.kind === 'relief') return null;
    return pictureOf(struck.shift()!, prescription.golfer);
  });
  return { sheet, pictures, golfer: prescription.golfer };
}
