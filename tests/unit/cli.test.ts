import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { prescribe, simulate } from '@/cli/commands';
import { track } from '@/cli/track';
import { readTrackedBall, type TrackedBall } from '@/core/lesson/tracker/trackedBall';

const COMMANDS = { prescribe, simulate, tracker: track };
type Name = keyof typeof COMMANDS;

const folder = mkdtempSync(path.join(os.tmpdir(), 'mellow-cli-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
afterEach(() => jest.restoreAllMocks());

/** Runs a command here; what would come through standard input comes from a file. */
async function run(command: Name, args: string[], input = '') {
  const said = { stdout: '', stderr: '' };
  jest.spyOn(console, 'log').mockImplementation((text) => void (said.stdout += `${text}\n`));
  jest.spyOn(console, 'error').mockImplementation((text) => void (said.stderr += `${text}\n`));
  jest.spyOn(process.stdout, 'write').mockImplementation((text) => {
    said.stdout += String(text);
    return true;
  });
  const file = path.join(folder, 'input');
  writeFileSync(file, input);
  const status = await COMMANDS[command](args.map((arg) => (arg === '-' ? file : arg)));
  jest.restoreAllMocks();
  return { status, ...said };
}

const prescribed = (args: string[], input = '') => run('prescribe', args, input);

/** Runs a command as a person would. */
function spawned(command: Name, args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', `src/cli/${command}.ts`, ...args],
    { input, encoding: 'utf8' },
  );
  return { status, stdout, stderr };
}

test('standard input serves, JSON Lines in give JSON Lines out, and the exit status says what came of it', () => {
  const line = JSON.stringify(JSON.parse(readFileSync('examples/greenside.json', 'utf8')));
  const lines = spawned('prescribe', ['--lines', '-'], `${line}\n{"shot":{}}\n`);
  expect({ status: lines.status, stderr: lines.stderr }).toEqual({ status: 1, stderr: '' });
  expect(lines.stdout.trim().split('\n')).toHaveLength(2);
  expect(spawned('simulate', ['examples/simulate/splash-56.json'])).toMatchObject({
    status: 0,
    stderr: '',
  });
  expect(spawned('tracker', ['-'], '{')).toMatchObject({ status: 2, stdout: '' });
});

test('a file gives one call sheet and exit 0', async () => {
  const { status, stdout, stderr } = await prescribed(['examples/greenside.json']);
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
  expect(JSON.parse(stdout).calls[0]).toMatchObject({ rank: 1, kind: 'splash' });
});

test.each([
  ['{', /^input: is not JSON/],
  ['{"shot":{"pin_yd":18}}', /^player: is required$/m],
  ['[]', /^input: must be an object/],
])('%s: a line for each fault, nothing on standard output, exit 2', async (input, message) => {
  const { status, stdout, stderr } = await prescribed(['-'], input);
  expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
  expect(stderr).toMatch(message);
});

test('no file, or one that is not there: exit 2', async () => {
  expect((await prescribed([])).status).toBe(2);
  expect(await prescribed(['no-such-file.json'])).toMatchObject({ status: 2, stdout: '' });
});

test('JSON Lines in give JSON Lines out, one for one, a faulty line an error in its place', async () => {
  const line = JSON.stringify(JSON.parse(readFileSync('examples/greenside.json', 'utf8')));
  const { status, stdout } = await prescribed(
    ['--lines', '-'],
    `${line}\n{"shot":{}}\nnot json\n${line}\n`,
  );
  const out = stdout
    .trim()
    .split('\n')
    .map((text) => JSON.parse(text));
  expect(status).toBe(1);
  expect(out).toHaveLength(4);
  expect(out[0].calls[0].rank).toBe(1);
  expect(out[1].error.map(({ path }: { path: string }) => path)).toContain('player');
  expect(out[2].error[0].path).toBe('input');
  expect({ ...out[3], elapsed_ms: 0 }).toEqual({ ...out[0], elapsed_ms: 0 });
});

test('--pretty reads like a sheet, --changes says when the call changes', async () => {
  // One club: every border is settled by the full search, which takes its time with a whole bag.
  const situation = JSON.parse(readFileSync('examples/fairway.json', 'utf8'));
  const bag = situation.player.bag.filter(({ name }: { name: string }) => name === '4h');
  const few = JSON.stringify({ ...situation, player: { ...situation.player, bag } });
  const { status, stdout } = await prescribed(['--pretty', '--changes', '-'], few);
  expect(status).toBe(0);
  expect(stdout).toMatch(/^1\. 4h, pick/);
  expect(stdout).toContain('When the call changes');
  expect(stdout).toContain('Ruled out:');
});

test('a flag that is not known is refused', async () => {
  expect(await prescribed(['--fancy', 'examples/greenside.json'])).toMatchObject({
    status: 2,
    stdout: '',
  });
});

test('simulate plays an explicit set-up', async () => {
  const { status, stdout } = await run('simulate', ['examples/simulate/splash-56.json']);
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({ format: 'mellow-divot/simulation' });
  const bad = await run('simulate', ['-'], readFileSync('examples/greenside.json', 'utf8'));
  expect(bad).toMatchObject({ status: 2, stdout: '' });
  expect(bad.stderr).toMatch(/^setup: is required$/m);
});

describe('the simulated tracker', () => {
  test('prints lines that the protocol reads, the same balls for the same seed', async () => {
    const args = ['--balls', '3', '--seed', '4', 'examples/greenside.json'];
    const ballsOf = async () => {
      const { status, stdout } = await run('tracker', args);
      expect(status).toBe(0);
      return stdout
        .trim()
        .split('\n')
        .map((line) => readTrackedBall(JSON.parse(line)));
    };
    const seen = ({ id: _id, hit_at: _at, ...ball }: TrackedBall) => ball;
    const first = await ballsOf();
    expect(first).toHaveLength(3);
    expect((await ballsOf()).map(seen)).toEqual(first.map(seen));
  });

  test.each([
    [['--balls', '0', 'examples/greenside.json'], /^--balls: must be a whole number/],
    [['--to', 'http://127.0.0.1:1', 'examples/greenside.json'], /^usage: /],
    [['--loud', 'examples/greenside.json'], /--loud/],
    [['-'], /^input: is not JSON/],
  ])('%j is refused', async (args, message) => {
    const { status, stdout, stderr } = await run('tracker', args, '{');
    expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
    expect(stderr).toMatch(message);
  });
});
