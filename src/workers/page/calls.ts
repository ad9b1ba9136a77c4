import type { UnitSystem } from '@/core/ground/units/system';
import { bandsAlong, type Band } from '@/core/search/changes/bands';
import { changesIn, standpointOf } from '@/core/search/changes/changes';
import type { FactorName } from '@/core/search/changes/factors';
import type { Leader } from '@/core/search/changes/quick';
import { mapRow, type MapAxis } from '@/core/search/map/callMap';
import { answer } from '@/core/tell/answer/answer';
import { changeEntry } from '@/core/tell/answer/changes';
import { simulate } from '@/core/tell/answer/simulation';
import { readSituation } from '@/core/tell/format/situation';
import type { Job } from './job';

/* Calls, and the scans of many shots round one. */

/** A call by what it is known by. */
type Called = Pick<Leader, 'club' | 'kind'>;

/** Flags that bands are looked for at: from this near, m, to nearly twice as far as the flag stands; places on either side. */
const NEAREST = 4.5;
const PLACES = 10;

export const callTasks = {
  answer: (_: Job, input: unknown, units: UnitSystem) =>
    answer(input, units, () => performance.now()),

  simulate: (_: Job, input: unknown) => simulate(input),

  /** Which call leads along the distance; shows the bands as they grow. */
  async bands(job: Job, input: unknown, called: Called): Promise<Band[]> {
    const { question } = readSituation(input);
    const { pin, lip } = question.shot;
    const from = Math.min(pin - 0.5, Math.max(NEAREST, lip.distance + 2));
    const to = Math.max(from + 10, pin * 1.8);
    let found: Band[] = [];
    for (found of bandsAlong(question, from, to, PLACES, called)) {
      job.show(found);
      if (!(await job.goesOn())) break;
    }
    return found;
  },

  /** When the call changes with one factor. */
  changes(_: Job, input: unknown, units: UnitSystem, called: Called, factor: FactorName) {
    const { question, firmness } = readSituation(input);
    const stand = standpointOf(question, firmness, called);
    return changesIn(stand, factor).map((change) => changeEntry(change, units));
  },

  mapRow: (_: Job, input: unknown, xAxis: MapAxis, yAxis: MapAxis, row: number) =>
    mapRow(readSituation(input).question, xAxis, yAxis, row),
};
