import Papa from 'papaparse';
import { FaultyInput, type Fault } from '@/core/tell/format/fault';
import type { Skill } from '@/core/ground/player/player';
import { bagText, readBagText } from './bagText';
import type { House } from './house';
import { readPlayerRecord, type PlayerRecord } from './record';

/** Columns of a roster in CSV, in the order of the export. */
export const CSV_COLUMNS = [
  'name',
  'handed',
  'skill',
  'usual_miss',
  'trusted_club',
  'cautions',
  'units',
  'schools',
  'notes',
  'clubs',
] as const;
export type CsvColumn = (typeof CSV_COLUMNS)[number];

/** Headings that other programs and people give these columns, in lower case without punctuation. */
const HEADINGS = new Map<string, CsvColumn | 'first' | 'last' | 'handicap'>(
  Object.entries({
    name: 'name',
    player: 'name',
    'full name': 'name',
    'player name': 'name',
    'first name': 'first',
    'given name': 'first',
    'last name': 'last',
    surname: 'last',
    'family name': 'last',
    hand: 'handed',
    handed: 'handed',
    handedness: 'handed',
    skill: 'skill',
    level: 'skill',
    handicap: 'handicap',
    hcp: 'handicap',
    'usual miss': 'usual_miss',
    miss: 'usual_miss',
    'trusted club': 'trusted_club',
    'favourite club': 'trusted_club',
    'sand club': 'trusted_club',
    caution: 'cautions',
    cautions: 'cautions',
    injuries: 'cautions',
    units: 'units',
    school: 'schools',
    schools: 'schools',
    note: 'notes',
    notes: 'notes',
    comment: 'notes',
    comments: 'notes',
    bag: 'clubs',
    clubs: 'clubs',
  } as const),
);

/** Most lines that are read at once. */
export const MOST_LINES = 20_000;

/** Most columns, and most characters of a cell: a bag with everything said of it has a thousand. */
const MOST_COLUMNS = 100;
const MOST_CELL = 5_000;

/** One line of a file that is to be imported: the player that it became, or what is wrong with it. */
export interface ImportedLine {
  /** Of the file, from 1. */
  line: number;
  record: PlayerRecord | null;
  faults: Fault[];
  /** A player of this name is there already, or further up in the file. */
  twice: boolean;
}

/** What a file would become. */
export interface ImportPreview {
  delimiter: string;
  /** What each column became; null for one that is passed over. */
  columns: { heading: string; becomes: string | null }[];
  lines: ImportedLine[];
}

const plain = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** A formula that an export made harmless with an apostrophe, as it was. */
const unguarded = (cell: string): string => cell.replace(/^'(?=[=+\-@\t\r])/, '').trim();

const SKILL_WORDS = new Map<string, Skill>(
  Object.entries({
    professional: 'expert',
    pro: 'expert',
    scratch: 'expert',
    'single figures': 'good',
    low: 'good',
    mid: 'middle',
    'mid handicap': 'middle',
    high: 'beginner',
    new: 'beginner',
  } as const),
);

const HAND_WORDS = new Map(
  Object.entries({ r: 'right', l: 'left', rh: 'right', lh: 'left' } as const),
);
const UNIT_WORDS = new Map(
  Object.entries({ m: 'metres', metric: 'metres', yd: 'yards', meters: 'metres' } as const),
);

/** Skill for a handicap: plus and scratch, single figures, up to 22, above. */
function skillOf(handicap: number): Skill {
  if (handicap <= 0) return 'expert';
  if (handicap < 10) return 'good';
  return handicap <= 22 ? 'middle' : 'beginner';
}

const list = (cell: string): string[] =>
  cell
    .split(/[,;/]/)
    .map((each) => each.trim().toLowerCase())
    .filter((each) => each !== '');

/** The record of a line as outside input, before it is checked: empty cells are the house's defaults. */
function recordOf(cells: ReadonlyMap<string, string>, house: House): Record<string, unknown> {
  const cell = (column: string): string => cells.get(column) ?? '';
  const said = cell('name') || [cell('first'), cell('last')].filter(Boolean).join(' ');
  const name = said.replace(/\s+/g, ' ');
  const handed = cell('handed').toLowerCase();
  const skill = cell('skill').toLowerCase();
  const handicap = cell('handicap').replace(/^\+/, '-').replace(',', '.');
  const miss = cell('usual_miss').toLowerCase().replace(/\s+/g, '-');
  const units = cell('units').toLowerCase();
  return {
    name,
    handed: handed === '' ? house.handed : (HAND_WORDS.get(handed) ?? handed),
    skill:
      skill !== ''
        ? (SKILL_WORDS.get(skill) ?? skill)
        : handicap !== '' && !Number.isNaN(Number(handicap))
          ? skillOf(Number(handicap))
          : house.skill,
    ...(miss === '' ? {} : { usual_miss: miss }),
    ...(cell('trusted_club') === '' ? {} : { trusted_club: cell('trusted_club') }),
    cautions: list(cell('cautions')),
    ...(units === '' ? {} : { units: UNIT_WORDS.get(units) ?? units }),
    schools: list(cell('schools')),
    notes: cell('notes'),
  };
}

/** A fault of a record as one of its line: clubs are counted in their column. */
const inColumns = ({ path, message }: Fault): Fault => ({
  path: path.replace(/^bag\[(\d+)\]/, (_, i: string) => `club ${Number(i) + 1}`),
  message,
});

function lineOf(
  cells: ReadonlyMap<string, string>,
  house: House,
): Omit<ImportedLine, 'line' | 'twice'> {
  const faults: Fault[] = [];
  const handicap = cells.get('handicap') ?? '';
  if (handicap !== '' && Number.isNaN(Number(handicap.replace(',', '.')))) {
    faults.push({ path: 'handicap', message: `must be a number, not "${handicap}"` });
  }
  try {
    const clubs = cells.get('clubs') ?? '';
    if (clubs === '')
      throw new FaultyInput([{ path: 'clubs', message: 'at least one club is wanted' }]);
    const bag = readBagText(clubs);
    const record = readPlayerRecord({ ...recordOf(cells, house), bag });
    return faults.length > 0 ? { record: null, faults } : { record, faults };
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    return { record: null, faults: [...faults, ...error.faults.map(inColumns)] };
  }
}

const DELIMITERS = [',', ';', '\t', '|'];

/** What parts the cells: that by which most of the headings are known. */
function delimiterOf(text: string): string {
  const first = text.slice(0, MOST_CELL);
  const known = (delimiter: string): number => {
    const [heads = []] = Papa.parse<string[]>(first, { delimiter, preview: 1 }).data;
    return heads.filter((heading) => HEADINGS.has(plain(heading))).length;
  };
  return DELIMITERS.reduce((best, each) => (known(each) > known(best) ? each : best));
}

/** A line with a cell that nobody writes: it is not looked into. */
const tooLong = (column: string): ReturnType<typeof lineOf> => ({
  record: null,
  faults: [{ path: column, message: `must be at most ${MOST_CELL} characters` }],
});

/**
 * Reads a roster from CSV: separator found, byte order mark and guarding apostrophes taken off, columns known by their
 * headings, every line checked on its own.
 *
 * @param known names that are in the roster already, in lower case
 * @throws FaultyInput when the file holds no lines, too many, or no column for names or clubs
 */
export function previewPlayersCsv(
  text: string,
  house: House,
  known: ReadonlySet<string>,
): ImportPreview {
  const plainText = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<string[]>(plainText, { delimiter: delimiterOf(plainText) });
  const [heads, ...rows] = parsed.data;
  if (!heads || rows.every((row) => row.every((cell) => cell.trim() === ''))) {
    throw new FaultyInput([{ path: 'file', message: 'holds no lines under its headings' }]);
  }
  if (rows.length > MOST_LINES) {
    const message = `holds ${rows.length} lines; at most ${MOST_LINES} are read at once`;
    throw new FaultyInput([{ path: 'file', message }]);
  }
  if (heads.length > MOST_COLUMNS) {
    const message = `has ${heads.length} columns; at most ${MOST_COLUMNS} are read`;
    throw new FaultyInput([{ path: 'file', message }]);
  }
  const columns = heads.map((heading) => HEADINGS.get(plain(heading)) ?? null);
  // Of two columns of one meaning the first counts; the other is shown as passed over.
  const becomes = columns.map((column, i) => (columns.indexOf(column) === i ? column : null));
  const wanted: Fault[] = [];
  if (!becomes.some((column) => column === 'name' || column === 'first' || column === 'last')) {
    wanted.push({ path: 'file', message: 'has no column for the name' });
  }
  if (!becomes.includes('clubs')) {
    wanted.push({
      path: 'file',
      message: 'has no column "clubs", such as "PW 46/6 108; 56 56/12 82"',
    });
  }
  if (wanted.length > 0) throw new FaultyInput(wanted);

  const names = new Set(known);
  const lines: ImportedLine[] = [];
  let line = 1 + newlinesIn(heads);
  for (const row of rows) {
    line += 1;
    const at = line;
    line += newlinesIn(row);
    if (row.every((cell) => cell.trim() === '')) continue;
    const cells = new Map<string, string>();
    row.forEach((cell, i) => {
      const column = becomes[i];
      if (column) cells.set(column, unguarded(cell));
    });
    const long = [...cells].find(([, cell]) => cell.length > MOST_CELL);
    const read = long ? tooLong(long[0]) : lineOf(cells, house);
    const key = read.record?.name.toLowerCase() ?? '';
    lines.push({ line: at, ...read, twice: key !== '' && names.has(key) });
    if (key !== '') names.add(key);
  }
  return {
    delimiter: parsed.meta.delimiter,
    columns: heads.map((heading, i) => ({ heading, becomes: becomes[i] ?? null })),
    lines,
  };
}

const newlinesIn = (row: readonly string[]): number =>
  row.reduce((sum, cell) => sum + (cell.split('\n').length - 1), 0);

/** A roster as CSV that {@link previewPlayersCsv} reads back; cells that a spreadsheet would run are made harmless. */
export function playersCsv(players: readonly PlayerRecord[]): string {
  return Papa.unparse(
    players.map((player) => ({
      name: player.name,
      handed: player.handed,
      skill: player.skill,
      usual_miss: player.usual_miss ?? '',
      trusted_club: player.trusted_club ?? '',
      cautions: player.cautions.join(', '),
      units: player.units ?? '',
      schools: player.schools.join(', '),
      notes: player.notes,
      clubs: bagText(player.bag),
    })),
    { columns: [...CSV_COLUMNS], escapeFormulae: true },
  );
}
