import type { UnitSystem } from '@/core/ground/units/system';
import { costingFactors } from '@/core/search/changes/factorCosts';
import { bandsRound, type Band } from '@/core/search/changes/bands';
import { lookForChanges, standpointOf, type Moved } from '@/core/search/changes/changes';
import { getsOut } from '@/core/search/calls/getsOut';
import type { Called } from '@/core/search/calls/call';
import { TOLD_AT_FIRST } from '@/core/search/calls/prescribe';
import { lookingAt, type MapAxis, type MapCell, type MapPlace } from '@/core/search/map/callMap';
import type { Near } from '@/core/search/calls/part';
import {
  answerFrom,
  answerNear,
  answerPart,
  costedSheet,
  type TimedPart,
} from '@/core/tell/answer/answer';
import { changeEntry, type ChangeEntry } from '@/core/tell/answer/changes';
import { simulate } from '@/core/tell/answer/simulation';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import { readSituation } from '@/core/contract/shot/situation';
import { paced, type Job } from './job';

/* Calls, and the scans of many shots round one. */

const clock = (): number => performance.now();

const SHOW_EVERY_MS = 250;

export const callTasks = {
  /** One part of the search for a call sheet; the parts go side by side. */
  answerPart: (_: Job, input: unknown, part: number) => answerPart(input, part, clock),

  /** The call sheet, once all parts are there, with its first calls or, when it is opened, with all. */
  answerFrom: (
    _: Job,
    input: unknown,
    units: UnitSystem,
    parts: readonly TimedPart[],
    whole: boolean,
  ) => answerFrom(input, units, parts, clock, whole ? Infinity : TOLD_AT_FIRST),

  /** The answer to a reading that a hand is moving, from what one like it came to; null where nothing of that gets out. */
  answerNear: (_: Job, input: unknown, units: UnitSystem, near: Near) =>
    answerNear(input, units, near, clock),

  /** Of each situation, whether the bag has anything that gets the ball out at the flag. */
  async getOut(job: Job, inputs: readonly unknown[]): Promise<boolean[]> {
    const outs: boolean[] = [];
    for (const input of inputs) {
      if (!(await job.goesOn())) break;
      outs.push(getsOut(readSituation(input).question));
    }
    return outs;
  },

  /** A sheet of a situation whose reasons say what each factor costs; null when nobody waits any more. */
  async costed(job: Job, input: unknown, sheet: CallSheet): Promise<CallSheet | null> {
    const costs = await paced(job, costingFactors(readSituation(input).question));
    return costs && costedSheet(sheet, costs);
  },

  simulate: (_: Job, input: unknown) => simulate(input),

  /** Which call leads along the distance; shows the bands as they grow. */
  async bands(job: Job, input: unknown, called: Called | null): Promise<Band[]> {
    const { question } = readSituation(input);
    let found: Band[] = [];
    let shown = 0;
    for (found of bandsRound(question, called)) {
      // The page draws what it is shown: that takes time from the threads.
      if (performance.now() - shown > SHOW_EVERY_MS) {
        job.show(found);
        shown = performance.now();
      }
      if (!(await job.goesOn())) break;
    }
    return found;
  },

  /** When the call changes with one thing that is moved. */
  async changes(
    job: Job,
    input: unknown,
    units: UnitSystem,
    called: Called | null,
    moved: Moved,
  ): Promise<ChangeEntry[]> {
    const { question, firmness } = readSituation(input);
    const looks = lookForChanges(standpointOf(question, firmness, called), moved);
    const changes = await paced(job, looks);
    return (changes ?? []).map((change) => changeEntry(change, units));
  },

  /** Some places of the call map. */
  async mapLooks(
    job: Job,
    input: unknown,
    xAxis: MapAxis,
    yAxis: MapAxis,
    places: readonly MapPlace[],
  ): Promise<MapCell[]> {
    const { question } = readSituation(input);
    const cells: MapCell[] = [];
    for (const place of places) {
      const cell = await paced(job, lookingAt(question, xAxis, yAxis, place));
      if (!cell) break;
      cells.push(cell);
    }
    return cells;
  },
};
