/** Columns of a roster in CSV, in the order of the export. */
export const CSV_COLUMNS = [
  'name',
  'handed',
  'skill',
  'handicap',
  'usual_miss',
  'trusted_club',
  'cautions',
  'units',
  'schools',
  'techniques',
  'notes',
  'clubs',
] as const;
export type CsvColumn = (typeof CSV_COLUMNS)[number];

/** What a column of somebody's file can hold: those of the export, names in two parts, or one club. */
export const MEANINGS = [...CSV_COLUMNS, 'first', 'last', 'club'] as const;
export type Meaning = (typeof MEANINGS)[number];

/** Headings that other programs and people give these columns in English and German, in lower case without punctuation. */
const HEADINGS = new Map<string, Meaning>(
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
    techniques: 'techniques',
    techniken: 'techniques',
    note: 'notes',
    notes: 'notes',
    comment: 'notes',
    comments: 'notes',
    spieler: 'name',
    vorname: 'first',
    nachname: 'last',
    familienname: 'last',
    händigkeit: 'handed',
    spielstärke: 'skill',
    fehlschlag: 'usual_miss',
    lieblingsschläger: 'trusted_club',
    einheiten: 'units',
    notizen: 'notes',
    schläger: 'clubs',
    bag: 'clubs',
    clubs: 'clubs',
  } as const),
);

const plain = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** Headings that are the name of a club, whose cells say the rest of it. */
const CLUB_NAME = /^([pagsluw]w|[4-6]\d|\d[ihw]|putter)$/;

/** A heading that names a club: "PW", "56"; its cells hold loft, bounce or carry. */
export const namesClub = (heading: string): boolean => CLUB_NAME.test(plain(heading));

/**
 * What a column holds by its heading; null when it is not known.
 *
 * @example
 * meaningOf('Player Name'); // => 'name'
 * meaningOf('Club 2'); // => 'club'
 */
export function meaningOf(heading: string): Meaning | null {
  const text = plain(heading);
  if (/^(club|wedge|iron) \d+$/.test(text) || namesClub(heading)) return 'club';
  return HEADINGS.get(text) ?? null;
}
