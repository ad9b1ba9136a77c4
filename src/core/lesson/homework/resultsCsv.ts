import { fact } from '@/core/ground/fact/fact';
import Papa from 'papaparse';
import { faulty, FaultyInput, MOST_FAULTS, type Fault } from '@/core/contract/check/fault';
import type { NamedDrill } from '../drills/drill';
import { readResults, type DrillResult } from './result';

const COLUMNS = ['day', 'drill', 'count', 'of', 'note'] as const;

const whole = (text: string): number | string => (/^\d{1,3}$/.test(text) ? Number(text) : text);

/**
 * Results as CSV with the columns day, drill (its name or id), count, of and, if there is one, note.
 *
 * @param today no result is from after it
 * @param newId gives each result an id
 * @throws FaultyInput naming line and column of everything that is wrong; nothing is taken then
 */
export function readResultsCsv(
  text: string,
  drills: readonly NamedDrill[],
  today: string,
  newId: () => string,
): DrillResult[] {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
    transform: (value) => value.trim(),
  });
  const missing = COLUMNS.filter((name) => name !== 'note' && !meta.fields?.includes(name));
  if (missing.length > 0) {
    throw faulty('columns', fact('homework.missingColumns', { missing: missing.join(', ') }));
  }
  const named = new Map(
    drills.flatMap(({ id, name }) => [
      [id, id],
      [name.toLowerCase(), id],
    ]),
  );
  const faults: Fault[] = [];
  const results = data.map((row, i) => {
    const drill = named.get((row.drill ?? '').toLowerCase());
    if (!drill) {
      faults.push({
        path: `line ${i + 2}.drill`,
        message: fact('homework.noDrill', { drill: row.drill ?? '' }),
      });
    }
    const { day, count = '', of = '', note = '' } = row;
    return {
      id: newId(),
      drill: drill ?? 'unknown',
      day,
      count: whole(count),
      of: whole(of),
      note,
    };
  });
  try {
    const read = readResults({ results }, today);
    if (faults.length === 0) return read;
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    for (const { path, message } of error.faults) {
      const [, at] = /^results\[(\d+)\]/.exec(path) ?? [];
      // What the form calls the third of a list is the fourth line of a file.
      const place = at && { place: fact('homework.line', { number: Number(at) + 2 }) };
      faults.push({ path, message, ...place });
    }
  }
  throw new FaultyInput(faults.slice(0, MOST_FAULTS));
}
