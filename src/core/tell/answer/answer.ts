import { atFlag } from '../sheet/atFlag';
import {
  callSheet,
  toldCalls,
  type CallEntry,
  type CallSheet,
  type Told,
} from '../sheet/callSheet';
import { readSituation, type Reading } from '../format/situation';
import { prescribe, type Prescription } from '@/core/search/calls/prescribe';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { UnitSystem } from '@/core/ground/units/system';
import { pictureOf, type CallPicture } from '../picture/picture';

/** A call as it is told and drawn. */
export interface DrawnCall {
  call: CallEntry;
  picture: CallPicture;
}

/** A call sheet with the pictures of its first calls; none for relief. */
export interface Answer {
  sheet: CallSheet;
  pictures: (CallPicture | null)[];
  /** The best call at the flag, wherever it stands in the sheet; null where nothing gets out there. */
  flag: DrawnCall | null;
  golfer: Golfer;
}

/** Calls drawn at the desk. */
const DRAWN = 3;

/**
 * The call sheet of a reading, with its calls as they were found and told.
 *
 * @param clock milliseconds now: `elapsed_ms` is the time of the search and of the telling, not of reading the input
 */
export function sheetFor(
  { question, notes }: Reading,
  units: UnitSystem,
  clock: () => number,
): { sheet: CallSheet; prescription: Prescription; told: Told[] } {
  const start = clock();
  const prescription = prescribe(question);
  const telling = { player: question.player, units, seed: question.seed };
  const told = toldCalls(prescription, telling);
  const sheet = callSheet(prescription, told, telling, { notes, elapsedMs: clock() - start });
  return { sheet, prescription, told };
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
  const reading = readSituation(input);
  const { sheet, prescription, told } = sheetFor(reading, units, clock);
  const { golfer } = prescription;
  const { handed } = reading.question.player;
  const draw = ({ struck }: Told): CallPicture | null =>
    struck && pictureOf(struck, golfer, handed);
  const pictures = told.slice(0, DRAWN).map(draw);
  const at = told.findIndex(({ entry }) => atFlag(entry));
  const picture = at < 0 ? null : (pictures[at] ?? draw(told[at]!));
  return { sheet, pictures, flag: picture && { call: told[at]!.entry, picture }, golfer };
}
