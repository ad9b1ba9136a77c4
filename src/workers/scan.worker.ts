import { expose } from 'comlink';
import { changeEntry, type ChangeEntry } from '@/core/tell/answer/changes';
import { readSituation } from '@/core/tell/format/situation';
import { bandsAlong, type Band } from '@/core/search/changes/bands';
import { callMap, type MapAxis, type MapCell } from '@/core/search/map/callMap';
import { changesWhen } from '@/core/search/changes/changes';
import type { Leader } from '@/core/search/changes/quick';
import type { UnitSystem } from '@/core/ground/units/system';

/** The scan that may go on; a newer one, or a stop, makes older ones end at their next pause. */
let current = 0;

/** Lets messages in, so that a scan can be stopped between two of its steps. */
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Flags that bands are looked for at: from this near, m, to nearly twice as far as the flag stands; places on either side. */
const NEAREST = 4.5;
const PLACES = 10;

const scan = {
  /** Looks which call leads along the distance; tells of the bands as they grow. True when it came to its end. */
  async bands(
    input: unknown,
    called: Pick<Leader, 'club' | 'kind'>,
    seen: (bands: Band[]) => void,
  ): Promise<boolean> {
    const mine = ++current;
    const { question } = readSituation(input);
    const { pin, lip } = question.shot;
    const from = Math.min(pin - 0.5, Math.max(NEAREST, lip.distance + 2));
    const to = Math.max(from + 10, pin * 1.8);
    for (const bands of bandsAlong(question, from, to, PLACES, called)) {
      seen(bands);
      await pause();
      if (mine !== current) return false;
    }
    return true;
  },

  /** Looks for when the call changes; tells of each as it is found. True when it came to its end. */
  async changes(
    input: unknown,
    units: UnitSystem,
    called: Pick<Leader, 'club' | 'kind'>,
    found: (entry: ChangeEntry) => void,
  ): Promise<boolean> {
    const mine = ++current;
    const { question, firmness } = readSituation(input);
    for (const change of changesWhen(question, firmness, called)) {
      await pause();
      if (mine !== current) return false;
      if (change) found(changeEntry(change, units));
    }
    return true;
  },

  /** Fills a call map row by row; tells of each row. True when it came to its end. */
  async map(
    input: unknown,
    xAxis: MapAxis,
    yAxis: MapAxis,
    filled: (row: MapCell[]) => void,
  ): Promise<boolean> {
    const mine = ++current;
    for (const row of callMap(readSituation(input).question, xAxis, yAxis)) {
      filled(row);
      await pause();
      if (mine !== current) return false;
    }
    return true;
  },

  stop(): void {
    current += 1;
  },
};

export type ScanWorker = typeof scan;

expose(scan);
