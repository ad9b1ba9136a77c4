import { readFileSync, readdirSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { inspect } from 'node:util';
import { readNewAccount } from '@/core/lesson/coaches/account';
import { aRecord } from '@/core/testing/records';
import { addAccount } from '../access/accounts';
import { sessionOf, signIn } from '../access/sessions';
import { viewedBy } from '../access/viewer';
import { addPlayers, listPlayers } from '../players';
import { openFolder, type FolderDatabase, type Disk } from '../opening/openFolder';
import { databaseIn } from '../folder/soundFolder';
import { testFolders } from '../testing/folders';
import { flushed } from './walSync';
import { isDeadly } from './guarded';
import { logTrim } from './logTrim';
import { DiskFull } from './room';

const folderFor = testFolders();
let open: FolderDatabase | null = null;

const opened = async (disk: Disk = {}): Promise<FolderDatabase & { folder: string }> => {
  const folder = await folderFor('disk');
  open = await openFolder(folder, disk);
  return { ...open, folder };
};
afterEach(async () => {
  await open?.close();
  open = null;
});

/** Waits until something holds; gives up after five seconds. */
async function until(holds: () => Promise<boolean> | boolean): Promise<void> {
  for (let i = 0; i < 250 && !(await holds()); i++) {
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  expect(await holds()).toBe(true);
}

const note = (text: string) =>
  [
    'insert into players (id, name, handed, skill, notes) values ($1, $1, $2, $3, $4)',
    [text.toLowerCase(), 'left', 'good', text],
  ] as const;

test('on a full disk whoever may not see everything still reads, and is told of a write', async () => {
  let free = Infinity;
  let flushes = 0;
  const { sql } = await opened({
    free: async () => free,
    flush: async (file) => {
      flushes += 1;
      await flushed(file);
    },
  });
  const account = await addAccount(
    sql,
    readNewAccount({ sign_in: 'ana', name: 'Ana', role: 'coach', passphrase: 'rake every ball' }),
    null,
  );
  const from = { address: '', device: '' };
  const signed = await signIn(sql, 'ana', 'rake every ball', from);
  await sql.query("update sessions set used_at = now() - interval '1 day'");
  const coach = viewedBy(sql, { role: 'coach', account });
  await addPlayers(coach, [{ id: 'ada', ...aRecord() }]);
  await new Promise((resolve) => setTimeout(resolve, 600));
  free = 10 * 1024 * 1024;
  flushes = 0;
  // A session that is long unused is still one, though its use cannot be noted.
  expect(await sessionOf(sql, 'token' in signed ? signed.token : '')).not.toBeNull();
  expect((await listPlayers(coach)).players).toHaveLength(1);
  expect(flushes).toBe(0);
  await expect(addPlayers(coach, [{ id: 'bo', ...aRecord() }])).rejects.toThrow(DiskFull);
  await expect(signIn(sql, 'ana', 'rake every ball', from)).rejects.toThrow(DiskFull);
  free = Infinity;
  await new Promise((resolve) => setTimeout(resolve, 600));
  await addPlayers(coach, [{ id: 'bo', ...aRecord() }]);
  expect(flushes).toBeGreaterThan(0);
});

test('a write is answered only once the log that holds it was flushed', async () => {
  /** What was asked to be flushed, with whether the file held the row's text by then. */
  const asked: { file: string; holds: boolean }[] = [];
  const holding: (() => void)[] = [];
  let hold = false;
  const { sql } = await opened({
    flush: async (file) => {
      const log = path.basename(path.dirname(file)) === 'pg_wal';
      asked.push({ file, holds: log && readFileSync(file).includes('Quastenflosser') });
      if (hold) await new Promise<void>((resolve) => holding.push(resolve));
      await flushed(file);
    },
  });
  asked.length = 0;
  hold = true;
  let answered = false;
  const write = sql.query(note('Quastenflosser')[0], [...note('Quastenflosser')[1]]).then(() => {
    answered = true;
  });
  await until(() => holding.length > 0);
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(answered).toBe(false);
  hold = false;
  holding.forEach((go) => go());
  await write;
  expect(answered).toBe(true);
  expect(asked.some(({ holds }) => holds)).toBe(true);
});

test('a write is flushed on a clock that was put back by a day as well', async () => {
  const asked: boolean[] = [];
  const { sql } = await opened({
    flush: async (file) => {
      const log = path.basename(path.dirname(file)) === 'pg_wal';
      asked.push(log && readFileSync(file).includes('Uhrumsteller'));
      await flushed(file);
    },
  });
  const ahead = jest.spyOn(Date, 'now').mockImplementation(() => new Date().getTime() + 86_400_000);
  await sql.query(note('Voruhr')[0], [...note('Voruhr')[1]]);
  ahead.mockRestore();
  asked.length = 0;
  await sql.query(note('Uhrumsteller')[0], [...note('Uhrumsteller')[1]]);
  expect(asked).toContain(true);
});

test('transactions and scripts wait for the disk too; reading does not', async () => {
  let flushes = 0;
  const { sql } = await opened({ flush: async () => void (flushes += 1) });
  const during = async (work: () => Promise<unknown>): Promise<number> => {
    const before = flushes;
    await work();
    return flushes - before;
  };
  await new Promise((resolve) => setTimeout(resolve, 80));
  expect(
    await during(() => sql.transaction((tx) => tx.query(note('a')[0], [...note('a')[1]]))),
  ).toBeGreaterThan(0);
  expect(await during(() => sql.exec("update players set notes = 'b'"))).toBeGreaterThan(0);
  expect(await during(() => sql.query('select * from players'))).toBe(0);
});

test('after a checkpoint the tables are flushed that the log does not hold any more', async () => {
  const seen: string[] = [];
  const { sql, folder } = await opened({ flush: async (file) => void seen.push(file) });
  await sql.query(note('c')[0], [...note('c')[1]]);
  seen.length = 0;
  await sql.exec('checkpoint');
  expect(seen.some((file) => file.startsWith(path.join(databaseIn(folder), 'base')))).toBe(true);
});

test('a file that a checkpoint has taken away meanwhile is no fault of the write', async () => {
  await expect(flushed(path.join(os.tmpdir(), 'mellow-is-not-there'))).resolves.toBeUndefined();
  const { sql } = await opened();
  const writes = Array.from({ length: 30 }, (_, i) =>
    sql.query(note(`w${i}`)[0], [...note(`w${i}`)[1]]),
  );
  for (let i = 0; i < 5; i++) writes.push(sql.query('checkpoint'));
  await Promise.all(writes);
});

test('who writes at the same time shares a flush', async () => {
  let flushes = 0;
  const { sql } = await opened({ flush: async () => void (flushes += 1) });
  flushes = 0;
  await Promise.all(
    Array.from({ length: 40 }, (_, i) => sql.query(note(`d${i}`)[0], [...note(`d${i}`)[1]])),
  );
  expect(flushes).toBeLessThan(40);
});

test('with little room left writes are refused in a sentence, and reading goes on', async () => {
  let free = Infinity;
  const { sql } = await opened({ free: async () => free });
  await sql.query(note('e')[0], [...note('e')[1]]);
  free = 10 * 1024 * 1024;
  await new Promise((resolve) => setTimeout(resolve, 600));
  await expect(sql.query(note('f')[0], [...note('f')[1]])).rejects.toThrow(DiskFull);
  const written = sql.transaction((tx) => tx.query(note('f')[0], [...note('f')[1]]));
  await expect(written).rejects.toRefuse(/disk is full: 10 MB/);
  const { rows } = await sql.query<{ id: string }>('select id from players');
  expect(rows.map(({ id }) => id)).toEqual(['e']);
  free = Infinity;
  await new Promise((resolve) => setTimeout(resolve, 600));
  await sql.query(note('g')[0], [...note('g')[1]]);
});

test('only what the database does not survive is its end', async () => {
  const ends: unknown[] = [];
  const { sql } = await opened({ died: (cause) => void ends.push(cause) });
  await expect(sql.query('select 1 / 0')).rejects.toThrow(/division/);
  await expect(sql.query('insert into nowhere values (1)')).rejects.toThrow(/nowhere/);
  expect(ends).toEqual([]);
  expect(isDeadly(Object.assign(new Error('no space left'), { severity: 'PANIC' }))).toBe(true);
  expect(isDeadly(Object.assign(new Error('disk full'), { severity: 'ERROR' }))).toBe(false);
  expect(isDeadly(new WebAssembly.RuntimeError('unreachable'))).toBe(true);
});

test('an error says nothing of what was typed', async () => {
  const { sql } = await opened();
  const typed = note('Quastenflosser');
  await sql.query(typed[0], [...typed[1]]);
  const failed = await sql.query(typed[0], [...typed[1]]).catch((error: unknown) => error);
  expect(failed).toMatchObject({ severity: 'ERROR' });
  expect(inspect(failed, { depth: 5 }).toLowerCase()).not.toContain('quastenflosser');
  const within = await sql
    .transaction((tx) => tx.query(typed[0], [...typed[1]]))
    .catch((error: unknown) => error);
  expect(inspect(within, { depth: 5 }).toLowerCase()).not.toContain('quastenflosser');
});

test('the log is cut while the database runs', async () => {
  const { sql, folder } = await opened();
  const after = logTrim(sql, 2, 1024);
  const redo = async (): Promise<string> => {
    const { rows } = await sql.query<{ redo_lsn: string }>(
      'select redo_lsn::text from pg_control_checkpoint()',
    );
    return rows[0]!.redo_lsn;
  };
  const before = await redo();
  for (let i = 0; i < 4; i++) {
    await sql.query(note(`h${i}`)[0], [...note(`h${i}`)[1]]);
    after();
  }
  await until(async () => (await redo()) !== before);
  expect(readdirSync(path.join(databaseIn(folder), 'pg_wal')).length).toBeLessThan(12);
});
