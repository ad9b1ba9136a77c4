import { createInterface } from 'node:readline';
import { pipeline, Transform } from 'node:stream';
import { promisify } from 'node:util';
import { createGunzip, gzip } from 'node:zlib';
import { fact } from '@/core/ground/fact/fact';
import { faulty } from '@/core/contract/check/fault';
import { hasHeadCoach } from '../access/accounts';
import { readMigrations } from '../migrations/migrate';
import { quoted } from '../sql/quoted';
import type { Sql, Transaction } from '../sql/sql';
import {
  putRows,
  putSequences,
  readRows,
  readSequences,
  withoutTriggers,
  type SequenceAt,
} from './rows';
import { isSame, PLAIN_TEXT, sumOf, type Sum } from './sums';
import { FROM_THE_START, tablesInOrder, type Table } from './tables';

/*
 * Everything of an academy in one file, to be taken to another machine: lines of JSON, packed. First what it is and the tables with their
 * columns, then each table's rows as the database writes them, then where its numbers stand, then counts and sums by which the file is
 * known to be whole.
 */

const FORMAT = 'mellow-divot/academy';

/** What belongs to a machine and who is at it, not to the academy: it neither goes out nor comes in. */
const OF_THIS_MACHINE = new Set(['sessions', 'pairings', 'sign_in_tries', 'tracker', 'measures']);

/** Most that a file may come to when it is unpacked, and a line of it, bytes: a picture of 8 MB is written as twice that. */
const MOST = 1_000_000_000;
const LONGEST_LINE = 32_000_000;

const NEW_LINE = 10;

/** Lets bytes through until there are too many of them, or too many without a new line. */
function bounded(): Transform {
  let all = 0;
  let line = 0;
  return new Transform({
    transform(chunk: Buffer, _, done) {
      all += chunk.length;
      const last = chunk.lastIndexOf(NEW_LINE);
      line = last < 0 ? line + chunk.length : chunk.length - last;
      if (all > MOST || line > LONGEST_LINE) done(new RangeError('too long'));
      else done(null, chunk);
    },
  });
}

/** Rows that are put in at a time, and most letters of them. */
const AT_ONCE = 500;
const LETTERS_AT_ONCE = 8_000_000;

/** How many rows of each table. */
export type AcademyCounts = Record<string, number>;

interface Head {
  format: string;
  step: number;
  tables: Table[];
}

interface Foot {
  sequences: SequenceAt[];
  sums: Record<string, Sum>;
}

/** A row as one line for whoever splits lines at every sign that Unicode has for it. */
const inOneLine = (line: string): string =>
  line.replaceAll('\u2028', '\\u2028').replaceAll('\u2029', '\\u2029');

/** The tables that are carried, of all that there are. */
const carriedOf = (tables: readonly Table[]): Table[] =>
  tables.filter(({ name }) => !OF_THIS_MACHINE.has(name));

/** Everything of an academy as a packed file, all of one moment. */
export async function writeAcademyFile(sql: Sql): Promise<Buffer> {
  const parts: string[] = [];
  await sql.transaction(async (tx) => {
    await tx.exec('set transaction isolation level repeatable read, read only');
    await tx.exec(PLAIN_TEXT);
    const tables = carriedOf(await tablesInOrder(tx));
    const head: Head = { format: FORMAT, step: readMigrations().length, tables };
    parts.push(JSON.stringify(head));
    const sums: Foot['sums'] = {};
    for (const table of tables) {
      parts.push(JSON.stringify({ table: table.name }));
      for await (const lines of readRows(tx, table)) {
        parts.push(lines.map(inOneLine).join('\n'));
      }
      sums[table.name] = await sumOf(tx, table);
    }
    const foot: Foot = { sequences: await readSequences(tx), sums };
    parts.push(JSON.stringify(foot), '');
  });
  return promisify(gzip)(parts.join('\n'));
}

const notOne = () => faulty('file', fact('academy.notAFile'));

/** The lines of a packed file. @throws FaultyInput for one that cannot be unpacked, or is too long */
async function* linesOf(file: Buffer): AsyncGenerator<string> {
  const unpacking = createGunzip();
  const unpacked = bounded();
  const failed = new Promise<never>((_, reject) =>
    pipeline(unpacking, unpacked, (error) => error && reject(notOne())),
  );
  failed.catch(() => undefined);
  const lines = createInterface({ input: unpacked, crlfDelay: Infinity });
  const next = lines[Symbol.asyncIterator]();
  unpacking.end(file);
  for (;;) {
    const { value, done } = await Promise.race([
      // Of what cannot be unpacked the reading fails too, in its own words.
      next.next().catch(() => failed),
      failed,
    ]);
    if (done) return;
    yield value;
  }
}

function parsed<T>(line: string | undefined): T {
  try {
    const read: unknown = JSON.parse(line ?? '');
    if (read !== null && typeof read === 'object') return read as T;
  } catch {
    // Said below.
  }
  throw notOne();
}

/** Puts the rows of the lines into their tables; gives back what stands at the foot. */
async function putAll(
  tx: Transaction,
  tables: readonly Table[],
  lines: AsyncGenerator<string>,
): Promise<Foot> {
  let table: Table | null = null;
  let batch: string[] = [];
  let letters = 0;
  const put = async (): Promise<void> => {
    if (table && batch.length > 0) await putRows(tx, table, batch);
    batch = [];
    letters = 0;
  };
  for await (const line of lines) {
    if (line.startsWith('[')) {
      batch.push(line);
      letters += line.length;
      if (batch.length >= AT_ONCE || letters > LETTERS_AT_ONCE) await put();
      continue;
    }
    await put();
    const said = parsed<{ table?: string } & Foot>(line);
    if (said.table === undefined) return said;
    table = tables.find(({ name }) => name === said.table) ?? null;
    if (!table) throw notOne();
  }
  throw notOne();
}

/** The head of a file, which is one of this version. @throws FaultyInput */
function headOf(line: string | undefined): Head {
  const head = parsed<Head>(line);
  if (head.format !== FORMAT) throw notOne();
  const here = readMigrations().length;
  if (head.step === here) return head;
  throw faulty('file', fact('academy.otherVersion', { step: Number(head.step), here }));
}

/**
 * Looks through a file without putting anything anywhere.
 *
 * @throws FaultyInput for what is no such file, is cut, or comes from another version
 */
export async function lookThrough(file: Buffer): Promise<void> {
  const lines = linesOf(file);
  headOf((await lines.next()).value as string | undefined);
  let last = '';
  for await (const line of lines) if (line !== '') last = line;
  if (!parsed<Partial<Foot>>(last).sums) throw notOne();
}

/** True of what a database says of values that it cannot read, or rows that do not go together (SQLSTATE classes 22 and 23). */
const isBadData = (error: unknown): boolean =>
  /^2[23]/.test(String((error as { code?: unknown } | null)?.code ?? ''));

/**
 * Puts the academy of a file in the place of the one that is here: all of it, or nothing is changed. Whoever was signed in is not any more.
 *
 * @param needsHead whether somebody must be able to sign in afterwards
 * @returns how many rows each table has now
 * @throws FaultyInput for what is no such file, is not whole, or comes from another version
 */
export async function readAcademyFile(
  sql: Sql,
  file: Buffer,
  needsHead: boolean,
): Promise<AcademyCounts> {
  try {
    return await sql.transaction(async (tx) => {
      await tx.exec(PLAIN_TEXT);
      const lines = linesOf(file);
      const head = headOf((await lines.next()).value as string | undefined);
      const every = await tablesInOrder(tx);
      const tables = carriedOf(every);
      if (JSON.stringify(tables) !== JSON.stringify(head.tables)) throw notOne();
      const counts: AcademyCounts = {};
      await withoutTriggers(tx, tables, async () => {
        const emptied = every.filter(({ name }) => !FROM_THE_START.includes(name));
        await tx.exec(`truncate ${emptied.map(({ name }) => quoted(name)).join(', ')}`);
        await tx.exec('update tracker set aim = null, aimed_at = null');
        const { sequences, sums } = await putAll(tx, tables, lines);
        for (const table of tables) {
          const here = await sumOf(tx, table);
          if (!isSame(sums[table.name], here)) throw notOne();
          counts[table.name] = here.rows;
        }
        const known = new Set((await readSequences(tx)).map(({ name }) => name));
        await putSequences(
          tx,
          sequences.filter(({ name }) => known.has(name)),
        );
      });
      if (needsHead && !(await hasHeadCoach(tx))) {
        throw faulty('file', fact('academy.noHeadCoach'));
      }
      return counts;
    });
  } catch (error) {
    throw isBadData(error) ? notOne() : error;
  }
}
