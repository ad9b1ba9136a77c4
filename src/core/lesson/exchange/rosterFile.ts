import { fact } from '@/core/ground/fact/fact';
import { mixed } from 'yup';
import { check, faulty, FaultyInput, parseJson } from '@/core/contract/check/fault';
import {
  exactObject,
  formatFields,
  listField,
  required,
  type Of,
} from '@/core/contract/check/fields';
import type { Meaning } from '../players/columns';
import type { ReadLine } from '../players/csvLine';
import type { House } from '../players/house';
import {
  markTwice,
  MOST_LINES,
  previewPlayersCsv,
  type ImportPreview,
} from '../players/playersCsv';
import { readPlayerRecord, type PlayerRecord } from '../players/record';
import { LESSON_FORMAT } from './exchange';
import { PLAYER_FORMAT, readPlayerFile, type PlayerFile } from './playerFile';

export const ROSTER_FORMAT = 'mellow-divot/players';

/** A roster as it leaves: records without ids. */
export interface RosterFile {
  format: typeof ROSTER_FORMAT;
  version: 1;
  players: PlayerRecord[];
}

const rosterSchema = exactObject({
  ...formatFields(ROSTER_FORMAT, 1),
  // Each record is checked on its own, so that one that is wrong does not stop the others.
  players: required(listField(mixed<object>(), 1, MOST_LINES)),
});

/** What a file of players is: a list of records, or everything about one player. */
export type ReadPlayers =
  { kind: 'list'; preview: ImportPreview } | { kind: 'player'; file: PlayerFile };

/** A record of a list, or what is wrong with it. */
function recordIn(input: unknown): ReadLine {
  try {
    return { record: readPlayerRecord(input), faults: [] };
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    return { record: null, faults: [...error.faults] };
  }
}

function listOf({ players }: Of<typeof rosterSchema>, known: ReadonlySet<string>): ImportPreview {
  const lines = players.map((player, i) => ({ line: i + 1, ...recordIn(player) }));
  return { delimiter: '', columns: [], wanted: [], lines: markTwice(lines, known) };
}

const formatOf = (input: unknown): unknown =>
  typeof input === 'object' && input !== null && 'format' in input ? input.format : undefined;

/**
 * Reads a file of players: CSV, a roster as JSON, or everything about one player, told apart by what they begin with.
 *
 * @param known names that are in the roster already, in lower case
 * @param said what each column of a CSV file holds, where that was said
 * @throws FaultyInput when the file is none of these, or not usable
 */
export function readPlayersFile(
  text: string,
  house: House,
  known: ReadonlySet<string>,
  said?: readonly (Meaning | null)[],
): ReadPlayers {
  if (!/^\s*[{[]/.test(text)) {
    return { kind: 'list', preview: previewPlayersCsv(text, house, known, said) };
  }
  // Trimmed of a byte order mark too, which is white space but not JSON's.
  const input = parseJson(text.trim(), 'file');
  switch (formatOf(input)) {
    case PLAYER_FORMAT:
      return { kind: 'player', file: readPlayerFile(input) };
    case ROSTER_FORMAT:
      return { kind: 'list', preview: listOf(check(rosterSchema, input), known) };
    case LESSON_FORMAT:
      throw faulty('file', fact('rosterFile.isLesson'));
    default:
      throw faulty(
        'file',
        fact('rosterFile.format', {
          rosterFormat: ROSTER_FORMAT,
          playerFormat: PLAYER_FORMAT,
        }),
      );
  }
}
