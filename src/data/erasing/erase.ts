import { FaultyInput } from '@/core/contract/check/fault';
import { fact } from '@/core/ground/fact/fact';
import type { Mention, Mentions, Named } from '@/core/lesson/players/named';
import type { Database } from '../opening/database';
import type { Engine, Sql, Transaction } from '../sql/sql';
import { nameIn, wordsOf, type Name, type Place } from './names';
import { cleanColumn, naming, textColumns, type TextColumn } from './prose';

/** So many places are told of each name, with so many letters on each side. */
const MOST_MENTIONS = 50;
const AROUND = 50;

/** A word of a name that is looked for alone: "Ada", not "de" or "J.". */
const alone = (word: string): boolean => /^\p{Lu}.{2,}/u.test(word);

/** The words of a name that may be looked for alone. */
const singleWords = (name: string): string[] => {
  const words = wordsOf(name);
  return words.length > 1 ? [...new Set(words.filter(alone))] : [];
};

/**
 * Takes a player and everything that hangs on the player out of the database for good, the name in all that was written too, and then out
 * of the files: tables are written anew, and the log in which old rows stand is dropped. The log of a server is its keeper's.
 *
 * @param words single words of the name that are taken out of every text as well
 * @returns false when there is no such player
 * @throws FaultyInput for a word that is none of the name
 */
export async function erasePlayer(
  { sql, copies }: Pick<Database, 'sql' | 'copies'>,
  id: string,
  words: readonly string[] = [],
): Promise<boolean> {
  const erased = await sql.transaction(async (tx) => {
    const name = await eraseOwn(tx, id);
    if (name === null) return false;
    const known = singleWords(name);
    const faults = words.flatMap((word, i) =>
      known.includes(word)
        ? []
        : [{ path: `words[${i}]`, message: fact('kept.notOfTheName', { name }) }],
    );
    if (faults.length > 0) throw new FaultyInput(faults);
    const columns = await textColumns(tx);
    for (const each of [name, ...words].map(nameIn)) {
      for (const column of columns) await cleanColumn(tx, column, each);
    }
    return true;
  });
  if (!erased) return false;
  await sql.exec('vacuum full');
  if (copies) await dropLog(sql);
  return true;
}

/** Where a player is named in what is not the player's own; null when there is no such player. Nothing is changed. */
export function namedIn(sql: Sql, id: string): Promise<Named | null> {
  return sql.transaction(async (tx) => {
    // What is left once the player's own is gone is told by taking it away, and then not.
    const name = await eraseOwn(tx, id);
    const named = name === null ? null : await mentionsOf(tx, name);
    await tx.rollback();
    return named;
  });
}

async function mentionsOf(tx: Transaction, name: string): Promise<Named> {
  const columns = await textColumns(tx);
  const full = nameIn(name);
  const words: Mentions[] = [];
  for (const word of singleWords(name)) {
    // "Ada" in "Ada Lund" is the full name, which is told once.
    const found = await mentionsBy(tx, columns, word, nameIn(word), full.without);
    if (found.count > 0) words.push(found);
  }
  return { full: await mentionsBy(tx, columns, name, full, (text) => text), words };
}

async function mentionsBy(
  tx: Transaction,
  columns: readonly TextColumn[],
  said: string,
  name: Name,
  rest: (text: string) => string,
): Promise<Mentions> {
  const all: Mentions = { name: said, count: 0, mentions: [] };
  for (const column of columns) {
    for await (const { texts } of naming(tx, column, name)) {
      for (const text of texts.map(rest)) {
        const places = name.places(text);
        all.count += places.length;
        const told = places.map((place) => mentionOf(column.table, text, place));
        all.mentions.push(...told.slice(0, MOST_MENTIONS - all.mentions.length));
      }
    }
  }
  return all;
}

function mentionOf(table: string, text: string, { from, to }: Place): Mention {
  return {
    table,
    before: `${from > AROUND ? '…' : ''}${text.slice(Math.max(0, from - AROUND), from)}`,
    found: text.slice(from, to),
    after: `${text.slice(to, to + AROUND)}${text.length > to + AROUND ? '…' : ''}`,
  };
}

/** Takes away a player with all that hangs on the player, and the id where it stands elsewhere; gives back the name. */
async function eraseOwn(tx: Transaction, id: string): Promise<string | null> {
  const { rows } = await tx.query<{ name: string }>(
    'delete from players where id = $1 returning name',
    [id],
  );
  if (!rows[0]) return null;
  await tx.query(
    `update lessons set plan = jsonb_set(plan, '{players}', (plan -> 'players') - $1)
     where plan -> 'players' ? $1`,
    [id],
  );
  await tx.query(
    `update lessons set own_homework = coalesce(
       (select jsonb_agg(own) from jsonb_array_elements(own_homework) own where own ->> 'player' <> $1), '[]')
     where own_homework <> '[]'`,
    [id],
  );
  await tx.query(`update tracker set aim = null where aim ->> 'player' = $1`, [id]);
  return rows[0].name;
}

/** A log file that is used again keeps what stood in it: these are dropped instead. */
async function dropLog(sql: Engine): Promise<void> {
  await sql.exec('set wal_recycle = off');
  await sql.exec('select pg_switch_wal(); checkpoint; select pg_switch_wal(); checkpoint;');
}
