import { sayFact } from '@/core/tell/facts/sayFact';
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, existsSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import { DEMO_PLAYERS, DEMO_READINGS } from '@/demo/academy';
import { PLAIN_HOUSE } from '@/core/lesson/players/house';
import { readAcademy, writeAcademy } from '@/data/academy';
import { countsOf } from '@/data/disk/rows';
import { openFolder } from '@/data/opening/openFolder';
import { takeFolder } from '@/data/folder/ownership';
import { emptyFolder } from '@/data/testing/emptyFolder';

let folder: string;
beforeAll(async () => {
  folder = await emptyFolder('demo');
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function run(file: string, args: string[] = [], data: string = folder) {
  return spawnSync(process.execPath, ['--import', 'tsx', file, ...args], {
    encoding: 'utf8',
    env: { ...process.env, MELLOW_DATA: data },
  });
}

test('every player of the academy has a bag that can be called from', () => {
  for (const { id, handed, skill, bag } of DEMO_PLAYERS) {
    const { notes } = readSituation({ player: { handed, skill, bag }, shot: { pin_yd: 15 } });
    const said = notes.map((note) => sayFact(note));
    expect([id, said.filter((note) => /out of order|does not fit/.test(note))]).toEqual([id, []]);
  }
});

test('every reading of the demo is answered at the flag', () => {
  for (const { playerId, shot } of DEMO_READINGS) {
    const { handed, skill, bag } = DEMO_PLAYERS.find(({ id }) => id === playerId)!;
    const { sheet } = answer({ player: { handed, skill, bag }, shot }, 'yards', () => 0);
    expect(sheet.calls[0]!.kind).toMatch(/splash/);
  }
});

test('the demo has a left-hander, a beginner and an expert', () => {
  expect(DEMO_PLAYERS.some(({ handed }) => handed === 'left')).toBe(true);
  const skills = new Set(DEMO_PLAYERS.map(({ skill }) => skill));
  for (const skill of ['beginner', 'middle', 'good', 'expert']) expect(skills).toContain(skill);
});

test('a seeding that is killed leaves nothing, and the next fills the folder', async () => {
  const killed = spawn(process.execPath, ['--import', 'tsx', 'src/demo/seed.ts'], {
    env: { ...process.env, MELLOW_DATA: folder },
    stdio: 'ignore',
  });
  const dead = new Promise((resolve) => killed.once('close', resolve));
  const taken = path.join(folder, 'in-use.lock');
  while (!existsSync(taken)) await new Promise((resolve) => setTimeout(resolve, 100));
  // It has begun, and has long to go.
  await new Promise((resolve) => setTimeout(resolve, 4000));
  killed.kill('SIGKILL');
  await dead;
  const before = await openFolder(folder);
  expect(await countsOf(before.sql)).toMatchObject({ players: 0, readings: 0, lessons: 0 });
  await before.close();
  const { status, stdout } = run('src/demo/seed.ts');
  expect([status, stdout]).toEqual([0, 'demo academy: 5 players, 3 readings, 4 lessons\n']);
});

test('what is there is kept, an academy whose players are all archived or deleted too', async () => {
  const after = await openFolder(folder);
  expect(await countsOf(after.sql)).toMatchObject({ players: 5, readings: 3, lessons: 4 });
  await after.sql
    .exec(`delete from lessons; delete from readings; update players set archived_at = now();
    update players set deleted_at = now() where id = 'jun-akagawa'`);
  await writeAcademy(after.sql, { ...PLAIN_HOUSE, name: 'My own academy' });
  await after.close();
  expect(run('src/demo/seed.ts').stdout).toBe('demo academy: kept what is there\n');
  const own = await openFolder(folder);
  expect((await readAcademy(own.sql)).name).toBe('My own academy');
  await own.close();
});

test('a folder that another process holds is left alone, at once', async () => {
  const held = path.join(folder, 'held');
  const ownership = await takeFolder(held);
  for (const file of ['src/demo/seed.ts', 'src/demo/claim.ts']) {
    const { status, stderr } = run(file, [], held);
    expect([file, status]).toEqual([file, 3]);
    expect(stderr).toMatch(/in use by another Mellow Divot process/);
  }
  expect(existsSync(path.join(held, 'postgres'))).toBe(false);
  await ownership.release();
  expect(run('src/demo/claim.ts', [], held).status).toBe(0);
});

test('npm run demo refuses flags that it does not know, and does not delete unasked', () => {
  const demo = (args: string[], data: string) =>
    spawnSync(process.execPath, ['scripts/demo.mjs', ...args], {
      encoding: 'utf8',
      input: '',
      env: { ...process.env, MELLOW_DATA: data },
    });
  expect(demo(['--fancy'], folder)).toMatchObject({ status: 2 });
  expect(demo(['--empty', '--fresh'], folder)).toMatchObject({ status: 2 });
  const kept = mkdtempSync(path.join(os.tmpdir(), 'mellow-kept-'));
  writeFileSync(path.join(kept, 'note'), 'mine');
  const asked = demo(['--fresh'], kept);
  expect(asked.status).toBe(1);
  expect(asked.stderr).toMatch(/nothing was deleted/);
  expect(existsSync(path.join(kept, 'note'))).toBe(true);
  rmSync(kept, { recursive: true });
});
