import { spawn } from 'node:child_process';
import type { PGlite } from '@electric-sql/pglite';
import { openFolder, type FolderDatabase } from './opening/openFolder';
import { testFolders } from './testing/folders';
import { migrate, readMigrations } from './migrations/migrate';
import { openPGlite } from './sql/pglite';
import { addPlayers, listPlayers, playerById, type NewPlayer } from './players';
import { listDrafts, removeDraft, saveDraft } from './drafts';
import {
  duplicateReading,
  listReadings,
  readingById,
  saveReading,
  setReadingDeleted,
} from './readings';

const folderFor = testFolders();

const player: NewPlayer = {
  id: 'test-player',
  name: "Robert'); drop table players;--",
  handed: 'left',
  skill: 'good',
  bag: [
    { name: '60', type: 'wedge', loft_deg: 60 },
    { name: '9i', type: 'iron', loft_deg: 41, stock_carry_yd: 120 },
  ],
  cautions: ['back'],
  schools: [],
  notes: '',
};
const reading = {
  name: 'Third <b>hole</b>',
  playerId: player.id,
  shot: { pin_yd: 18, lip: { height_ft: 3, distance_ft: 8 } },
  called: '60, square, swing 9:00',
  model: 'test',
};

describe('players and readings', () => {
  let folder: string;
  let database: FolderDatabase;
  beforeAll(async () => {
    folder = await folderFor('plain');
    database = await openFolder(folder);
    await addPlayers(database.sql, [player]);
  });
  afterAll(() => database.close());

  test('a player comes back as put in, markup, quotes and the order of the bag included', async () => {
    expect(await playerById(database.sql, player.id)).toMatchObject(player);
  });

  test('a player with a club twice is refused whole', async () => {
    const twice = { ...player, id: 'other', bag: [player.bag[0]!, player.bag[0]!] };
    await expect(addPlayers(database.sql, [twice])).rejects.toThrow(/unique/);
    expect((await listPlayers(database.sql)).total).toBe(1);
  });

  test('a reading is kept, listed, opened, deleted and brought back', async () => {
    const kept = (await saveReading(database.sql, reading))!;
    expect(await readingById(database.sql, kept.id)).toMatchObject({
      name: reading.name,
      shot: reading.shot,
      playerName: player.name,
    });
    expect(kept.savedAt).toMatch(/^\d{4}-\d\d-\d\dT.*Z$/);
    expect(await setReadingDeleted(database.sql, kept.id, true)).toBe(true);
    expect(await listReadings(database.sql)).toEqual([]);
    expect(await setReadingDeleted(database.sql, kept.id, false)).toBe(true);
    expect(await listReadings(database.sql)).toEqual([kept]);
  });

  test('readings are found by name, player or call, and a search is no pattern', async () => {
    const other = (await saveReading(database.sql, { ...reading, name: '100% plugged_lie' }))!;
    const found = async (text: string): Promise<number> =>
      (await listReadings(database.sql, text)).length;
    expect(await found('PLUGGED')).toBe(1);
    expect(await found('robert')).toBe(2);
    expect(await found('swing 9')).toBe(2);
    expect(await found('0%')).toBe(1);
    expect(await found('%third')).toBe(0);
    expect(await found('d_l')).toBe(1);
    expect(await found('d\\_l')).toBe(0);
    await setReadingDeleted(database.sql, other.id, true);
  });

  test('a reading is duplicated, a deleted one is not', async () => {
    const [first] = await listReadings(database.sql);
    const copy = (await duplicateReading(database.sql, first!.id))!;
    expect(copy).toMatchObject({ name: `${first!.name} (copy)`, shot: first!.shot });
    await setReadingDeleted(database.sql, copy.id, true);
    expect(await duplicateReading(database.sql, copy.id)).toBeNull();
  });

  test('a draft is saved in place, the latest twenty are kept, and it can be taken away', async () => {
    const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
    const draft = { playerId: player.id, shot: { pin_yd: 12 }, called: '60' };
    for (let n = 0; n < 25; n++) await saveDraft(database.sql, id(n), draft);
    expect(await saveDraft(database.sql, id(24), { ...draft, shot: { pin_yd: 13 } })).toBe(true);
    const drafts = await listDrafts(database.sql);
    expect(drafts).toHaveLength(20);
    expect(drafts[0]).toMatchObject({ id: id(24), shot: { pin_yd: 13 }, playerName: player.name });
    expect(await removeDraft(database.sql, id(24))).toBe(true);
    expect(await removeDraft(database.sql, id(24))).toBe(false);
    expect(await saveDraft(database.sql, id(30), { ...draft, playerId: 'nobody' })).toBe(false);
  });

  test('a reading for nobody is not kept', async () => {
    expect(await saveReading(database.sql, { ...reading, playerId: 'nobody' })).toBeNull();
  });

  test('the same folder is refused to a second opener, and its rows outlive a reopening', async () => {
    await expect(openFolder(folder)).rejects.toThrow(/in use/);
    await database.close();
    database = await openFolder(folder);
    expect(await playerById(database.sql, player.id)).toMatchObject(player);
  });
});

describe('migrations', () => {
  let db: PGlite;
  beforeAll(async () => {
    db = await openPGlite();
  });
  afterAll(() => db.close());

  test('one that fails leaves nothing behind', async () => {
    const bad = [
      { number: 1, name: '001_bad', sql: 'create table a (x int); create table a (x int);' },
    ];
    await expect(migrate(db, bad)).rejects.toThrow(/already exists/);
    const { rows } = await db.query(`select to_regclass('a') as a`);
    expect(rows).toEqual([{ a: null }]);
  });

  test('are numbered without gaps, and run once', async () => {
    expect(await migrate(db)).toEqual(readMigrations().map(({ name }) => name));
    expect(await migrate(db)).toEqual([]);
  });

  test('of a newer version are refused', async () => {
    await db.query(`insert into migrations values (99, '099_future')`);
    await expect(migrate(db)).rejects.toThrow(/newer version/);
  });
});

test('a process killed while it writes loses nothing that it acknowledged', async () => {
  const folder = await folderFor('killed');
  const first = await openFolder(folder);
  await addPlayers(first.sql, [player]);
  await first.close();

  let acknowledged = 0;
  for (let round = 0; round < 3; round++) {
    const script = `
      import { openFolder } from './src/data/opening/openFolder.ts';
      import { saveReading } from './src/data/readings.ts';
      const { sql } = await openFolder(${JSON.stringify(folder)});
      const reading = ${JSON.stringify(reading)};
      for (;;) { await saveReading(sql, reading); process.stdout.write('.'); }`;
    const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script]);
    let stderr = '';
    child.stderr.on('data', (chunk) => (stderr += chunk));
    let written = 0;
    const dead = new Promise((resolve) => child.once('close', resolve));
    child.stdout.on('data', (chunk: Buffer) => {
      written += chunk.length;
      if (written >= 15 * (round + 1)) child.kill('SIGKILL');
    });
    await dead;
    expect({ stderr, enough: written >= 15 }).toEqual({ stderr: '', enough: true });
    acknowledged += written;
  }

  const after = await openFolder(folder);
  const { length } = await listReadings(after.sql, '', 10_000);
  await after.close();
  expect(length).toBeGreaterThanOrEqual(acknowledged);
});
