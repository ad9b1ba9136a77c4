import { atFlag } from '../sheet/atFlag';
import {
  callSheet,
  toldCalls,
  type CallEntry,
  type CallSheet,
  type Told,
} from '../sheet/callSheet';
import { writeSetup, type SetupRecord } from '@/core/contract/shot/setup';
import { readSituation, type Reading } from '@/core/contract/shot/situation';
import { foundNear } from '@/core/search/calls/near';
import { searchPart, together, type Near, type Part } from '@/core/search/calls/part';
import { costingFactors, type FactorCosts } from '@/core/search/changes/factorCosts';
import { prescribe, prescribedFrom, type Prescription } from '@/core/search/calls/prescribe';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { UnitSystem } from '@/core/ground/units/system';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { sayFact } from '../facts/sayFact';
import { withCosts } from '../why/why';
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
  /** The set-up of every call as it was found, not rounded; null for relief. */
  setups: (SetupRecord | null)[];
  /** The best call at the flag, wherever it stands in the sheet; null where nothing gets out there. */
  flag: DrawnCall | null;
  golfer: Golfer;
  /** What a reading like this one may start from. */
  near: Near;
}

/** Calls drawn at the desk. */
const DRAWN = 3;

/** A part of the search, and how long it took. */
export interface TimedPart {
  part: Part;
  elapsedMs: number;
}

/** Works out one part of the search for a situation from outside. @throws FaultyInput when it is not usable */
export function answerPart(input: unknown, part: number, clock: () => number): TimedPart {
  const { question } = readSituation(input);
  const start = clock();
  return { part: searchPart(question, part), elapsedMs: clock() - start };
}

/** Sheet, prescription and calls as told. */
interface Sheeted {
  sheet: CallSheet;
  prescription: Prescription;
  told: Told[];
}

/** A sheet whose reasons say what each factor costs. */
export const costedSheet = (sheet: CallSheet, costs: FactorCosts): CallSheet => ({
  ...sheet,
  calls: sheet.calls.map((call) => ({ ...call, why: withCosts(call.why, costs) })),
});

/** Tells a prescription that took so long to find. */
function sheetOf(
  { question, notes }: Reading,
  prescription: Prescription,
  units: UnitSystem,
  searchedMs: number,
  clock: () => number,
  brief = false,
): Sheeted {
  const start = clock();
  const telling = { player: question.player, units, seed: question.seed, brief };
  const told = toldCalls(prescription, telling);
  const elapsedMs = searchedMs + clock() - start;
  return {
    sheet: callSheet(prescription, told, telling, {
      notes: notes.map((note) => sayFact(note, units)),
      elapsedMs,
    }),
    prescription,
    told,
  };
}

/**
 * The call sheet of a reading, with its calls as they were found and told.
 *
 * @param clock milliseconds now: `elapsed_ms` is the time of the search and of the telling, not of reading the input
 * @param tell how many calls are told at least
 * @param costed whether reasons say what each factor costs: a search for each
 */
export function sheetFor(
  reading: Reading,
  units: UnitSystem,
  clock: () => number,
  tell = Infinity,
  costed = false,
): Sheeted {
  const start = clock();
  const prescription = prescribe(reading.question, { tell });
  const told = sheetOf(reading, prescription, units, clock() - start, clock);
  if (!costed) return told;
  const sheet = costedSheet(told.sheet, toTheEnd(costingFactors(reading.question)));
  return { ...told, sheet: { ...sheet, elapsed_ms: clock() - start } };
}

/** A sheet with its pictures. */
function drawn({ question }: Reading, { sheet, prescription, told }: Sheeted): Answer {
  const { golfer } = prescription;
  const draw = ({ struck }: Told): CallPicture | null =>
    struck && pictureOf(struck, golfer, question.player.handed);
  const pictures = told.slice(0, DRAWN).map(draw);
  const at = told.findIndex(({ entry }) => atFlag(entry));
  const picture = at < 0 ? null : (pictures[at] ?? draw(told[at]!));
  const setups = told.map(
    ({ struck }) =>
      struck &&
      writeSetup(struck.call.setup, struck.call.aim, struck.call.school.id, question.player.handed),
  );
  const flag = picture && { call: told[at]!.entry, picture };
  return { sheet, pictures, setups, flag, golfer, near: prescription.near };
}

/**
 * Answers a situation from outside, with pictures.
 *
 * @param input a situation in the outside format
 * @param units in which sentences are said
 * @param clock milliseconds now, from whoever has a clock; the core has none
 * @param tell how many calls are told at least
 * @param costed whether reasons say what each factor costs: who is told one call asks for none
 * @throws FaultyInput when the situation is not usable
 */
export function answer(
  input: unknown,
  units: UnitSystem,
  clock: () => number,
  tell = Infinity,
  costed = tell > 1,
): Answer {
  const reading = readSituation(input);
  return drawn(reading, sheetFor(reading, units, clock, tell, costed));
}

/** {@link answer} from the parts of the search, which were worked out elsewhere, side by side. */
export function answerFrom(
  input: unknown,
  units: UnitSystem,
  parts: readonly TimedPart[],
  clock: () => number,
  tell = Infinity,
): Answer {
  const reading = readSituation(input);
  const found = together(parts.map(({ part }) => part));
  const prescription = prescribedFrom(reading.question, found, tell);
  const searchedMs = Math.max(...parts.map(({ elapsedMs }) => elapsedMs));
  return drawn(reading, sheetOf(reading, prescription, units, searchedMs, clock));
}

/**
 * {@link answer} while a hand moves the reading: as many calls as are drawn, started from what a reading like it came to. Quick, and not
 * always what the search would call: that follows once the reading rests.
 *
 * @returns null where nothing of that gets out any more
 */
export function answerNear(
  input: unknown,
  units: UnitSystem,
  near: Near,
  clock: () => number,
): Answer | null {
  const start = clock();
  const reading = readSituation(input);
  const found = foundNear(reading.question, near);
  if (!found) return null;
  const prescription = prescribedFrom(reading.question, found, DRAWN);
  return drawn(reading, sheetOf(reading, prescription, units, clock() - start, clock, true));
}
