import { quoted } from '../sql/quoted';
import type { Tx } from '../sql/sql';
import type { Name } from './names';

/** A column in which text may stand, as it is or within JSON. */
export interface TextColumn {
  table: string;
  column: string;
  json: boolean;
}

/**
 * Columns in which no coach writes, and names that are somebody else's: they are left as they are. Every other column of text or JSON that
 * the tables have, today or later, is gone through.
 */
export const LEFT: ReadonlySet<string> = new Set(
  [
    'players.id players.name players.handed players.skill players.usual_miss players.units',
    'accounts.sign_in accounts.name accounts.role accounts.passphrase',
    'sessions.token_hash pairings.word_hash player_links.token_hash tracker.key_hash sign_in_tries.who',
    'clubs.player_id readings.player_id drafts.player_id grass_shots.player_id balls.player_id learnings.player_id',
    'learning_decisions.player_id player_contacts.player_id practice_plans.player_id bunker_tests.player_id',
    'eye_results.player_id player_coaches.player_id player_links.player_id',
    'balls.source learning_decisions.decision drills.id place_pictures.media_type',
  ].flatMap((line) => line.split(' ')),
);

/** The columns of text of the tables as they are, but for those that are left. */
export async function textColumns(db: Tx): Promise<TextColumn[]> {
  const { rows } = await db.query<TextColumn>(
    `select table_name as table, column_name as column, data_type like 'json%' as json
     from information_schema.columns join information_schema.tables using (table_schema, table_name)
     where table_schema = current_schema() and table_type = 'BASE TABLE'
       and data_type in ('text', 'character varying', 'character', 'json', 'jsonb')
     order by table_name, ordinal_position`,
  );
  return rows.filter(({ table, column }) => !LEFT.has(`${table}.${column}`));
}

/** A text, or what stands in JSON. */
type Value = unknown;

/** Words that a file knows: they stand for a kind of thing, never for a person. */
const KEYWORD = /^[a-z0-9]+(-[a-z0-9]+)*$/;

/** Every text in a value, keys of JSON too. */
function textsIn(value: Value): string[] {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, item]) => [key, ...textsIn(item)]);
}

/** A value with each of its texts written anew, keys of JSON too. */
function rewritten(value: Value, write: (text: string) => string): Value {
  if (typeof value === 'string') return write(value);
  if (Array.isArray(value)) return value.map((item) => rewritten(item, write));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, item]) => [write(key), rewritten(item, write)]),
  );
}

/** The name as it is looked for in a column: a keyword of a file is nobody's name. */
const lookedFor = (name: Name, json: boolean): Pick<Name, 'places' | 'without'> =>
  json && name.oneWord
    ? {
        places: (text) => (KEYWORD.test(text) ? [] : name.places(text)),
        without: (text) => (KEYWORD.test(text) ? text : name.without(text)),
      }
    : name;

/** A value of a column without a name. */
export const cleaned = (value: Value, name: Name, json: boolean): Value =>
  rewritten(value, lookedFor(name, json).without);

/** A row that names somebody: where it lies just now, what stands in it, and the texts of that which name. */
interface Naming {
  at: string;
  value: Value;
  texts: readonly string[];
}

/** So many rows are fetched at once. */
const AT_ONCE = 500;

/** The rows of a column that name somebody; whoever goes through them may write to them. */
export async function* naming(tx: Tx, column: TextColumn, name: Name): AsyncGenerator<Naming> {
  const { places } = lookedFor(name, column.json);
  const field = quoted(column.column);
  const page = `select ctid::text as at, ${field} as value from ${quoted(column.table)}
    where ctid > $1::tid and ${field}::text ilike $2 order by ctid limit ${AT_ONCE}`;
  let last = '(0,0)';
  for (;;) {
    const { rows } = await tx.query<Omit<Naming, 'texts'>>(page, [last, `%${name.hint}%`]);
    for (const row of rows) {
      const texts = textsIn(row.value).filter((text) => places(text).length > 0);
      if (texts.length > 0) yield { ...row, texts };
    }
    if (rows.length < AT_ONCE) return;
    last = rows.at(-1)!.at;
  }
}

/** Takes a name out of all rows of a column. */
export async function cleanColumn(tx: Tx, column: TextColumn, name: Name): Promise<void> {
  const set = `update ${quoted(column.table)} set ${quoted(column.column)} = $1 where ctid = $2::tid`;
  for await (const { at, value } of naming(tx, column, name)) {
    const clean = cleaned(value, name, column.json);
    await tx.query(set, [column.json ? JSON.stringify(clean) : clean, at]);
  }
}
