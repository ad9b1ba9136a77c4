import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { FolderInUse, takeFolder } from './ownership';

const folder = mkdtempSync(path.join(os.tmpdir(), 'mellow-owner-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('a second taker is told at once, and the folder is free again after release', async () => {
  const first = await takeFolder(folder);
  await expect(takeFolder(folder)).rejects.toThrow(FolderInUse);
  await first.release();
  await (await takeFolder(folder)).release();
});

test('the same folder by another path is the same folder', async () => {
  const first = await takeFolder(folder);
  await expect(takeFolder(path.join(folder, '..', path.basename(folder)))).rejects.toThrow(
    /in use by another/,
  );
  await first.release();
});

test('a folder that is not there yet is made', async () => {
  const deep = path.join(folder, 'a', 'b');
  await (await takeFolder(deep)).release();
  expect(existsSync(deep)).toBe(true);
});

test('a process that is killed leaves no stale lock behind', async () => {
  const script = `import { takeFolder } from './src/data/ownership.ts';
    await takeFolder(${JSON.stringify(folder)}); console.log('taken'); setInterval(() => {}, 1000);`;
  const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script]);
  await new Promise((resolve, reject) => {
    child.stdout.once('data', resolve);
    child.once('exit', () => reject(new Error('the holder ended')));
  });
  await expect(takeFolder(folder)).rejects.toThrow(FolderInUse);
  const dead = new Promise((resolve) => child.once('close', resolve));
  child.kill('SIGKILL');
  await dead;
  await (await takeFolder(folder)).release();
});
