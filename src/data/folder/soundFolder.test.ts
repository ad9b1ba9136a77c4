import { readdirSync, readFileSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { aRecord } from '@/core/testing/records';
import { openFolder } from '../opening/openFolder';
import { addPlayers, listPlayers } from '../players';
import { FolderUnsound } from './soundFolder';
import { testFolders } from '../testing/folders';

const folderFor = testFolders();

/** A folder with one player in it. */
async function usedFolder(notes = ''): Promise<string> {
  const folder = await folderFor('sound');
  const database = await openFolder(folder);
  await addPlayers(database.sql, [{ id: 'ada', ...aRecord({ notes }) }]);
  await database.close();
  return folder;
}

const everyFile = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.join(entry.parentPath, entry.name))
    .sort()
    .map((file) => `${file} ${statSync(file).size} ${statSync(file).mtimeMs}`);

test.each(['PG_VERSION', 'base', 'global/pg_control'])(
  'a folder that has lost %s is refused and left as it is',
  async (part) => {
    const folder = await usedFolder();
    rmSync(path.join(folder, 'postgres', part), { recursive: true });
    const before = everyFile(folder);
    const opening = openFolder(folder);
    await expect(opening).rejects.toThrow(FolderUnsound);
    await expect(opening).rejects.toThrow(`${part} missing. Nothing in it has been changed.`);
    expect(everyFile(folder)).toEqual(before);
  },
);

test('a folder whose database is gone altogether is not taken for a new one', async () => {
  const folder = await usedFolder();
  rmSync(path.join(folder, 'postgres'), { recursive: true });
  await expect(openFolder(folder)).rejects.toThrow('its database is not whole');
  expect(readdirSync(folder)).toEqual(['KEEP-THIS-FOLDER-WHOLE.txt', 'rows-at-closing.json']);
});

test('a damaged database is told in a sentence, and the folder is free again', async () => {
  const folder = await usedFolder();
  truncateSync(path.join(folder, 'postgres/global/pg_control'), 100);
  await expect(openFolder(folder)).rejects.toThrow(/is damaged and does not open/);
  await expect(openFolder(folder)).rejects.not.toThrow(/in use/);
});

test('a file where a folder belongs is told so', async () => {
  const folder = await folderFor('file');
  const file = path.join(folder, 'data');
  writeFileSync(file, 'hello');
  await expect(openFolder(file)).rejects.toThrow('it is a file.');
  expect(readFileSync(file, 'utf8')).toBe('hello');
});

test('a folder that is whole opens again, for its owner alone', async () => {
  const folder = await usedFolder();
  const database = await openFolder(folder);
  expect((await listPlayers(database.sql)).total).toBe(1);
  await database.close();
  expect(statSync(folder).mode & 0o077).toBe(0);
});

/** The file of the table in which the player's name stands. */
const tableOf = (folder: string, text: string): string =>
  readdirSync(path.join(folder, 'postgres/base'), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.join(entry.parentPath, entry.name))
    .find((file) => readFileSync(file).includes(text))!;

test('a byte that was flipped in a table is noticed', async () => {
  const folder = await usedFolder('Quastenflosser');
  const table = tableOf(folder, 'Quastenflosser');
  const bytes = readFileSync(table);
  bytes[bytes.indexOf('Quastenflosser') + 3]! ^= 0x10;
  writeFileSync(table, bytes);
  await expect(openFolder(folder)).rejects.toThrow(/not every row can be read/);
  await expect(openFolder(folder)).rejects.not.toThrow(/in use/);
});

test('a table that was cut is noticed', async () => {
  const folder = await usedFolder('Quastenflosser');
  truncateSync(tableOf(folder, 'Quastenflosser'), 0);
  await expect(openFolder(folder)).rejects.toThrow(/lost rows .* 0 of 1 players/);
});
