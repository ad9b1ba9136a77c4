import { callSheet, type CallSheet } from '../contract/callSheet';
import { readSituation } from '../contract/readSituation';
import type { UnitSystem } from '../units/system';
import { prescribe } from '../search/prescribe';
import { pictureOf, type CallPicture } from './picture';

/** Calls drawn at the desk. */
const DRAWN = 3;

/** A call sheet with the pictures of its first calls. */
export interface Answer {
  sheet: CallSheet;
  pictures: CallPicture[];
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
  const start = clock();
  const { question, notes } = readSituation(input);
  const prescription = prescribe(question);
  const telling = { shot: question.shot, handed: question.player.handed, units };
  const pictures = prescription.calls
    .slice(0, DRAWN)
    .map((call) => pictureOf(call, prescription.golfer, question.shot));
  const extra = { notes, seed: question.seed, elapsedMs: clock() - start };
  return { sheet: callSheet(prescription, telling, extra), pictures };
}
