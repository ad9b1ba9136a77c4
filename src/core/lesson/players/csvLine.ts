import { fact } from '@/core/ground/fact/fact';
import { skillOf } from './skillOf';
import type { Skill } from '@/core/ground/player/player';
import { faulty, FaultyInput, type Fault } from '@/core/contract/check/fault';
import { readBagText } from './bagText';
import { namesClub, type Meaning } from './columns';
import type { House } from './house';
import { readPlayerRecord, type PlayerRecord } from './record';

/** Most characters of a cell: a bag with everything said of it has a thousand. */
export const MOST_CELL = 5_000;

/** The player that a line became, or what is wrong with it. */
export interface ReadLine {
  record: PlayerRecord | null;
  faults: Fault[];
}

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
    profi: 'expert',
    einstellig: 'good',
    'einstelliges handicap': 'good',
    mittel: 'middle',
    'mittleres handicap': 'middle',
    anfänger: 'beginner',
  } as const),
);

const HAND_WORDS = new Map(
  Object.entries({
    r: 'right',
    l: 'left',
    rh: 'right',
    lh: 'left',
    rechts: 'right',
    links: 'left',
    rechtshändig: 'right',
    linkshändig: 'left',
  } as const),
);
const UNIT_WORDS = new Map(
  Object.entries({
    m: 'metres',
    metric: 'metres',
    yd: 'yards',
    meters: 'metres',
    meter: 'metres',
  } as const),
);

const list = (cell: string): string[] =>
  cell
    .split(/[,;/]/)
    .map((each) => each.trim().toLowerCase())
    .filter((each) => each !== '');

/** Techniques as {@link list} reads them, each with how far it goes; one that is named alone is known. */
const techniquesOf = (cell: string): Record<string, string> =>
  Object.fromEntries(
    list(cell).map((each) => {
      const [school, mastery = 'knows'] = each.split(/\s+/);
      return [school!, mastery];
    }),
  );

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
    ...(handicap === '' || Number.isNaN(Number(handicap)) ? {} : { handicap: Number(handicap) }),
    ...(miss === '' ? {} : { usual_miss: miss }),
    ...(cell('trusted_club') === '' ? {} : { trusted_club: cell('trusted_club') }),
    cautions: list(cell('cautions')),
    ...(units === '' ? {} : { units: UNIT_WORDS.get(units) ?? units }),
    schools: list(cell('schools')),
    ...(cell('techniques') === '' ? {} : { techniques: techniquesOf(cell('techniques')) }),
    notes: cell('notes'),
  };
}

/** A fault of a record as one of its line: clubs are counted in their column. */
function inColumns(fault: Fault): Fault {
  const [, i] = /^bag\[(\d+)\]/.exec(fault.path) ?? [];
  return i ? { ...fault, place: fact('csv.club', { number: Number(i) + 1 }) } : fault;
}

function lineOf(cells: ReadonlyMap<string, string>, house: House): ReadLine {
  const faults: Fault[] = [];
  const handicap = cells.get('handicap') ?? '';
  if (handicap !== '' && Number.isNaN(Number(handicap.replace(',', '.')))) {
    faults.push({
      path: 'handicap',
      message: fact('check.notANumber', { text: handicap }),
    });
  }
  try {
    const clubs = cells.get('clubs') ?? '';
    if (clubs === '') throw faulty('clubs', fact('csv.noClub'));
    const bag = readBagText(clubs);
    const record = readPlayerRecord({ ...recordOf(cells, house), bag });
    return faults.length > 0 ? { record: null, faults } : { record, faults };
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    return { record: null, faults: [...faults, ...error.faults.map(inColumns)] };
  }
}

/** A line with a cell that nobody writes: it is not looked into. */
const tooLong = (column: string): ReadLine => ({
  record: null,
  faults: [{ path: column, message: fact('check.mostCharacters', { most: MOST_CELL }) }],
});

/**
 * The cells of a line by what they hold; clubs in columns of their own are put with those in one. Cells past the last heading
 * belong to the bag where it stands last: its own semicolons parted it.
 *
 * @returns what is wrong instead, where there are cells that no heading is over
 */
function cellsOf(
  row: readonly string[],
  heads: readonly string[],
  becomes: readonly (Meaning | null)[],
): Map<string, string> | Fault {
  const cells = new Map<string, string>();
  const clubs: string[] = [];
  row.slice(0, heads.length).forEach((raw, i) => {
    const cell = unguarded(raw);
    const meaning = becomes[i];
    if (meaning === 'clubs') clubs.push(cell);
    else if (meaning === 'club') {
      const named = namesClub(heads[i]!) && cell !== '';
      clubs.push(named ? `${heads[i]!.trim()} ${cell}` : cell);
    } else if (meaning) cells.set(meaning, cell);
  });
  const over = row.slice(heads.length).filter((cell) => cell.trim() !== '');
  if (over.length > 0) {
    if (becomes.at(-1) !== 'clubs') {
      const message = fact('csv.cells', { row: row.length, heads: heads.length });
      return { path: 'line', message };
    }
    clubs.push(...over.map(unguarded));
  }
  if (clubs.length > 0) cells.set('clubs', clubs.filter((club) => club !== '').join('; '));
  return cells;
}

/**
 * Reads a line of a roster.
 *
 * @param becomes what each column holds
 */
export function readCsvLine(
  row: readonly string[],
  heads: readonly string[],
  becomes: readonly (Meaning | null)[],
  house: House,
): ReadLine {
  const cells = cellsOf(row, heads, becomes);
  if (!(cells instanceof Map)) return { record: null, faults: [cells] };
  const long = [...cells].find(([, cell]) => cell.length > MOST_CELL);
  return long ? tooLong(long[0]) : lineOf(cells, house);
}
