import {
  existsSync,
  readdirSync,
  renameSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { openFolder } from '../opening/openFolder';
import { addPlayers, listPlayers } from '../players';
import { erasePlayer } from '../erasing/erase';
import { mustMigrate, readMigrations } from '../migrations/migrate';
import { comingIn, databaseIn, FolderUnsound, movedAside } from '../folder/soundFolder';
import { testFolders } from '../testing/folders';
import { aRecord } from '@/core/testing/records';
import { BackupFailed, countsInCopy } from './backup';
import { backupsIn, copiesAmong, copiesIn, nameOf, outlived, type Copy } from '../folder/copies';
import { restoreBackup } from './restore';

const folderFor = testFolders();

const add = (sql: Parameters<typeof addPlayers>[0], id: string) =>
  addPlayers(sql, [{ id, ...aRecord({ name: id }) }]);

test('a copy holds everything, for its owner alone, and puts it back as it was', async () => {
  const folder = await folderFor('copied');
  const database = await openFolder(folder);
  await add(database.sql, 'ada');
  const { file } = await database.copies.make('asked');
  const copy = path.join(backupsIn(folder), file);
  expect(statSync(copy).mode & 0o077).toBe(0);
  expect(await countsInCopy(copy)).toMatchObject({ players: 1, clubs: 1, balls: 0 });
  await add(database.sql, 'bert');
  await expect(restoreBackup(copy, folder)).rejects.toThrow(/in use/);
  await database.close();

  const { counts, replaced } = await restoreBackup(copy, folder);
  expect(counts.players).toBe(1);
  expect(existsSync(path.join(folder, replaced!, 'PG_VERSION'))).toBe(true);
  const again = await openFolder(folder);
  expect((await listPlayers(again.sql)).players.map(({ id }) => id)).toEqual(['ada']);
  await again.close();
});

test('a copy that is cut, bent or no copy at all changes nothing', async () => {
  const folder = await folderFor('bent');
  const database = await openFolder(folder);
  await add(database.sql, 'ada');
  const { file } = await database.copies.make('asked');
  await database.close();
  const whole = readFileSync(path.join(backupsIn(folder), file));
  const bent = path.join(folder, 'bent.tar.gz');
  for (const bytes of [
    whole.subarray(0, whole.length / 2),
    Buffer.from('no copy'),
    Buffer.alloc(0),
  ]) {
    writeFileSync(bent, bytes);
    await expect(restoreBackup(bent, folder)).rejects.toThrow(BackupFailed);
  }
  const again = await openFolder(folder);
  expect((await listPlayers(again.sql)).total).toBe(1);
  await again.close();
});

test('a copy whose putting back is cut short: the next start says where both are, and both are whole', async () => {
  const folder = await folderFor('cut');
  const database = await openFolder(folder);
  await add(database.sql, 'ada');
  const { file } = await database.copies.make('asked');
  await add(database.sql, 'bert');
  await database.close();
  const copy = path.join(backupsIn(folder), file);
  const killed = (): never => {
    throw new Error('killed');
  };
  await expect(restoreBackup(copy, folder, new Date(0), killed)).rejects.toThrow('killed');
  await expect(openFolder(folder)).rejects.toThrow(FolderUnsound);
  await expect(openFolder(folder)).rejects.toThrow(
    /cut short.*whole in \S+postgres-replaced-19700101T000000Z, the copy whole in \S+postgres-coming/,
  );
  const playersIn = async (place: string): Promise<number> => {
    renameSync(place, databaseIn(folder));
    const { sql, close } = await openFolder(folder);
    const { total } = await listPlayers(sql);
    await close();
    return total;
  };
  const [aside] = movedAside(folder);
  expect(await playersIn(aside!)).toBe(2);
  renameSync(databaseIn(folder), aside!);
  rmSync(path.join(folder, 'rows-at-closing.json'));
  expect(await playersIn(comingIn(folder))).toBe(1);

  renameSync(databaseIn(folder), comingIn(folder));
  await restoreBackup(copy, folder);
  expect(existsSync(comingIn(folder))).toBe(false);
  const again = await openFolder(folder);
  expect((await listPlayers(again.sql)).total).toBe(1);
  await again.close();
});

test('a database that has lost a part names the newest copy, which puts it right', async () => {
  const folder = await folderFor('lost');
  const database = await openFolder(folder);
  await add(database.sql, 'ada');
  const { file } = await database.copies.make('daily');
  await database.close();
  rmSync(path.join(databaseIn(folder), 'PG_VERSION'));
  await expect(openFolder(folder)).rejects.toThrow(FolderUnsound);
  await expect(openFolder(folder)).rejects.toThrow(new RegExp(`restore -- ${file}`));
  await restoreBackup(path.join(backupsIn(folder), file), folder);
  const again = await openFolder(folder);
  expect((await listPlayers(again.sql)).total).toBe(1);
  await again.close();
});

test('a copy is made at closing where something was written, and only there', async () => {
  const folder = await folderFor('closing');
  const first = await openFolder(folder, { copyAtClosing: true });
  await add(first.sql, 'ada');
  expect(first.copies.changed()).toBe(true);
  await first.close();
  expect(copiesIn(folder).map(({ reason }) => reason)).toEqual(['closing']);
  const second = await openFolder(folder, { copyAtClosing: true });
  await listPlayers(second.sql);
  expect(second.copies.changed()).toBe(false);
  await second.close();
  expect(copiesIn(folder)).toHaveLength(1);
});

test('a copy is made before the tables are changed, of a database that was used', async () => {
  const steps = readMigrations();
  const used = await folderFor('step');
  const { sql, close } = await openFolder(used);
  expect(await mustMigrate(sql, steps)).toBe(false);
  await sql.query('delete from migrations where number > 1');
  expect(await mustMigrate(sql, steps)).toBe(true);
  // The second step has run already: its tables are there, it fails when it runs again, and the copy made before it stays.
  await close();
  await expect(openFolder(used)).rejects.toThrow();
  expect(copiesIn(used).map(({ reason }) => reason)).toEqual(['migration']);
});

test('what was erased is in no copy either', async () => {
  const folder = await folderFor('erased');
  const database = await openFolder(folder);
  const { sql, copies: own, close } = database;
  await add(sql, 'ada');
  await add(sql, 'bert');
  await own.make('daily');
  await erasePlayer(database, 'ada');
  await new Promise((resolve) => setTimeout(resolve, 1100));
  await own.renew();
  const copies = copiesIn(folder);
  expect(copies).toHaveLength(1);
  expect(await countsInCopy(path.join(backupsIn(folder), copies[0]!.file))).toMatchObject({
    players: 1,
  });
  await close();
  expect(readdirSync(backupsIn(folder))).toEqual([copies[0]!.file]);
});

describe('which copies are kept', () => {
  const daily = (day: number, hour = 12): Copy => {
    const at = new Date(Date.UTC(2026, 0, 1 + day, hour));
    return { file: nameOf(at, 'daily'), at, reason: 'daily' };
  };

  test('names say when and why, and are read again; others are no copies', () => {
    const { file, at } = daily(3);
    expect(copiesAmong(['notes.txt', file, 'mellow-20261399T000000Z-daily.tar.gz'])).toEqual([
      { file, at, reason: 'daily' },
    ]);
  });

  test('a copy every few hours for half a year leaves seven days and eight weeks', () => {
    let kept: Copy[] = [];
    for (let day = 0; day < 180; day++) {
      for (const hour of [8, 20]) {
        kept = [daily(day, hour), ...kept];
        const gone = new Set(outlived(kept));
        kept = kept.filter((copy) => !gone.has(copy));
      }
    }
    const days = kept.map(({ at }) =>
      Math.round((Date.UTC(2026, 0, 180, 20) - at.getTime()) / 86_400_000),
    );
    expect(days.slice(0, 7)).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(kept.length).toBeGreaterThanOrEqual(13);
    expect(kept.length).toBeLessThanOrEqual(15);
    expect(Math.max(...days)).toBeGreaterThanOrEqual(42);
  });

  test('those made before the tables were changed stay, the last three', () => {
    const before = [1, 2, 3, 4].map((day): Copy => ({ ...daily(day, 1), reason: 'migration' }));
    const copies = [...before, ...Array.from({ length: 60 }, (_, i) => daily(10 + i))].sort(
      (a, b) => b.at.getTime() - a.at.getTime(),
    );
    const gone = outlived(copies);
    expect(gone.filter(({ reason }) => reason === 'migration')).toHaveLength(1);
  });
});
