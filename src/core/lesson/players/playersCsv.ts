import { fact } from '@/core/ground/fact/fact';
import Papa from 'papaparse';
import { csvOf } from '@/core/ground/table/csv';
import { faulty, type Fault } from '@/core/contract/check/fault';
import { bagText } from './bagText';
import { CSV_COLUMNS, MEANINGS, meaningOf, type Meaning } from './columns';
import { MOST_CELL, readCsvLine, type ReadLine } from './csvLine';
import type { House } from './house';
import { handicapWords } from '@/core/ground/player/handicap';
import type { PlayerRecord } from './record';
import type { Techniques } from '@/core/ground/player/player';

/** Most lines that are read at once. */
export const MOST_LINES = 20_000;

const MOST_COLUMNS = 100;

/** One line of a file that is to be imported: the player that it became, or what is wrong with it. */
export interface ImportedLine extends ReadLine {
  /** Of the file, from 1. */
  line: number;
  /** A player of this name is there already, or further up in the file. */
  twice: boolean;
}

/** What a file would become. */
export interface ImportPreview {
  delimiter: string;
  /** What each column became, null for one that is passed over, and its first cell. */
  columns: { heading: string; becomes: Meaning | null; sample: string }[];
  /** Columns without which no line can be read. */
  wanted: Fault[];
  lines: ImportedLine[];
}

const DELIMITERS = [',', ';', '\t', '|'];

/** What parts the cells: that by which most of the headings are known. */
function delimiterOf(text: string): string {
  const first = text.slice(0, MOST_CELL);
  const known = (delimiter: string): number => {
    const [heads = []] = Papa.parse<string[]>(first, { delimiter, preview: 1 }).data;
    return heads.filter((heading) => meaningOf(heading) !== null).length;
  };
  return DELIMITERS.reduce((best, each) => (known(each) > known(best) ? each : best));
}

/** Of two columns of one meaning the first counts, but for clubs in columns of their own. */
const firstOfEach = (meanings: readonly (Meaning | null)[]): (Meaning | null)[] =>
  meanings.map((meaning, i) =>
    meaning === 'club' || meanings.indexOf(meaning) === i ? meaning : null,
  );

/** What columns were said to hold, as it comes from outside: a meaning or null for each. Throws FaultyInput. */
export function readMeanings(input: unknown): (Meaning | null)[] {
  const known: readonly unknown[] = [...MEANINGS, null];
  if (
    Array.isArray(input) &&
    input.length <= MOST_COLUMNS &&
    input.every((m) => known.includes(m))
  ) {
    return input as (Meaning | null)[];
  }
  throw faulty('columns', fact('csv.meanings', { meanings: MEANINGS.join(', ') }));
}

/**
 * Reads a roster from CSV: separator found, byte order mark and guarding apostrophes taken off, columns known by their
 * headings or by what they are said to hold, every line checked on its own.
 *
 * @param known names that are in the roster already, in lower case
 * @param said what each column holds, where that was said
 * @throws FaultyInput when the file holds no lines, or too many
 */
export function previewPlayersCsv(
  text: string,
  house: House,
  known: ReadonlySet<string>,
  said?: readonly (Meaning | null)[],
): ImportPreview {
  const plainText = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<string[]>(plainText, { delimiter: delimiterOf(plainText) });
  const [heads, ...rows] = parsed.data;
  if (!heads || rows.every((row) => row.every((cell) => cell.trim() === ''))) {
    throw faulty('file', fact('csv.noLines'));
  }
  if (rows.length > MOST_LINES) {
    const message = fact('csv.mostLines', {
      rows: rows.length,
      mostLines: MOST_LINES,
    });
    throw faulty('file', message);
  }
  if (heads.length > MOST_COLUMNS) {
    const message = fact('csv.mostColumns', {
      heads: heads.length,
      mostColumns: MOST_COLUMNS,
    });
    throw faulty('file', message);
  }
  const becomes = firstOfEach(
    heads.map((heading, i) => (said ? (said[i] ?? null) : meaningOf(heading))),
  );
  const columns = heads.map((heading, i) => ({
    heading,
    becomes: becomes[i]!,
    sample: (rows.find((row) => row[i]?.trim())?.[i] ?? '').slice(0, 60),
  }));
  const wanted: Fault[] = [];
  if (!becomes.some((column) => column === 'name' || column === 'first' || column === 'last')) {
    wanted.push({ path: 'file', message: fact('csv.noName') });
  }
  if (!becomes.includes('clubs') && !becomes.includes('club')) {
    wanted.push({
      path: 'file',
      message: fact('csv.noClubs'),
    });
  }
  if (wanted.length > 0) return { delimiter: parsed.meta.delimiter, columns, wanted, lines: [] };

  const lines: Omit<ImportedLine, 'twice'>[] = [];
  let line = 1 + newlinesIn(heads);
  for (const row of rows) {
    line += 1;
    const at = line;
    line += newlinesIn(row);
    if (row.every((cell) => cell.trim() === '')) continue;
    lines.push({ line: at, ...readCsvLine(row, heads, becomes, house) });
  }
  return {
    delimiter: parsed.meta.delimiter,
    columns,
    wanted,
    lines: markTwice(lines, known),
  };
}

/** Lines with a mark at each whose name the roster has already, or a line before it. */
export function markTwice(
  lines: readonly Omit<ImportedLine, 'twice'>[],
  known: ReadonlySet<string>,
): ImportedLine[] {
  const names = new Set(known);
  return lines.map((line) => {
    const key = line.record?.name.toLowerCase() ?? '';
    const twice = key !== '' && names.has(key);
    if (key !== '') names.add(key);
    return { ...line, twice };
  });
}

const newlinesIn = (row: readonly string[]): number =>
  row.reduce((sum, cell) => sum + (cell.split('\n').length - 1), 0);

/** Techniques of a player as a cell: "toe-in knows, heel-first learning". */
const techniquesText = (techniques: Techniques = {}): string =>
  Object.entries(techniques)
    .map(([school, mastery]) => `${school} ${mastery}`)
    .join(', ');

/** A roster as CSV that {@link previewPlayersCsv} reads back; cells that a spreadsheet would run are made harmless. */
export function playersCsv(players: readonly PlayerRecord[]): string {
  return csvOf(
    players.map((player) => ({
      name: player.name,
      handed: player.handed,
      skill: player.skill,
      handicap: player.handicap === undefined ? '' : handicapWords(player.handicap),
      usual_miss: player.usual_miss ?? '',
      trusted_club: player.trusted_club ?? '',
      cautions: player.cautions.join(', '),
      units: player.units ?? '',
      schools: player.schools.join(', '),
      techniques: techniquesText(player.techniques),
      notes: player.notes,
      clubs: bagText(player.bag),
    })),
    CSV_COLUMNS,
  );
}
