import { spawn } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  rmSync,
  symlinkSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
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
  const script = `import { takeFolder } from './src/data/folder/ownership.ts';
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

describe('a holder elsewhere, whose socket is not seen here', () => {
  /** A folder that somebody elsewhere has taken, whose heart beats as long as it is not stopped. */
  function heldElsewhere(): { held: string; stop: () => void } {
    const held = mkdtempSync(path.join(folder, 'held-'));
    mkdirSync(path.join(held, 'in-use.lock'));
    writeFileSync(path.join(held, 'in-use-from.txt'), 'another machine');
    const beat = setInterval(() => {
      const now = new Date();
      utimesSync(path.join(held, 'in-use.lock'), now, now);
    }, 1000);
    return { held, stop: () => clearInterval(beat) };
  }

  test('that is alive is told of; that has died is waited out', async () => {
    const alive = heldElsewhere();
    const dead = heldElsewhere();
    dead.stop();
    const [refused, taken] = await Promise.allSettled([
      takeFolder(alive.held),
      takeFolder(dead.held),
    ]);
    alive.stop();
    expect(refused).toMatchObject({ status: 'rejected', reason: { name: 'FolderInUse' } });
    if (taken.status === 'rejected') throw taken.reason;
    await taken.value.release();
  }, 60_000);

  test('what a holder of this network has left when it was killed is no bar', async () => {
    const { held, stop } = heldElsewhere();
    stop();
    const began = Date.now();
    const taken = await takeFolder(held, 'another machine');
    expect(Date.now() - began).toBeLessThan(2000);
    expect(existsSync(path.join(held, 'in-use.lock'))).toBe(true);
    await taken.release();
    expect(existsSync(path.join(held, 'in-use.lock'))).toBe(false);
  });
});

test('the same folder under another name is the same folder', async () => {
  const other = path.join(os.tmpdir(), `mellow-link-${process.pid}`);
  symlinkSync(folder, other);
  const first = await takeFolder(folder);
  await expect(takeFolder(other)).rejects.toThrow(FolderInUse);
  await first.release();
  rmSync(other);
});
