import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { readTrackedBall, type TrackedBall } from '@/core/lesson/tracker/trackedBall';

jest.setTimeout(60_000);

function run(command: string, args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', `src/cli/${command}.ts`, ...args],
    { input, encoding: 'utf8' },
  );
  return { status, stdout, stderr };
}

const prescribe = (args: string[], input = '') => run('prescribe', args, input);

test('a file gives one call sheet and exit 0', () => {
  const { status, stdout, stderr } = prescribe(['examples/greenside.json']);
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
  expect(JSON.parse(stdout).calls[0]).toMatchObject({ rank: 1, kind: 'splash' });
});

test('standard input serves as well', () => {
  const { status } = prescribe(['-'], readFileSync('examples/greenside.json', 'utf8'));
  expect(status).toBe(0);
});

test.each([
  ['{', /^input: is not JSON/],
  ['{"shot":{"pin_yd":18}}', /^player: is required$/m],
  ['[]', /^input: must be an object/],
])('%s: a line for each fault, nothing on standard output, exit 2', (input, message) => {
  const { status, stdout, stderr } = prescribe(['-'], input);
  expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
  expect(stderr).toMatch(message);
});

test('no file, or one that is not there: exit 2', () => {
  expect(prescribe([]).status).toBe(2);
  expect(prescribe(['no-such-file.json'])).toMatchObject({ status: 2, stdout: '' });
});

test('JSON Lines in give JSON Lines out, one for one, a faulty line an error in its place', () => {
  const line = JSON.stringify(JSON.parse(readFileSync('examples/greenside.json', 'utf8')));
  const { status, stdout } = prescribe(
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

test('--pretty reads like a sheet, --changes says when the call changes', () => {
  const { status, stdout } = prescribe(['--pretty', '--changes', 'examples/greenside.json']);
  expect(status).toBe(0);
  expect(stdout).toMatch(/^1\. \w+, splash/);
  expect(stdout).toContain('It changes when');
  expect(stdout).toContain('Ruled out:');
});

test('a flag that is not known is refused', () => {
  expect(prescribe(['--fancy', 'examples/greenside.json'])).toMatchObject({
    status: 2,
    stdout: '',
  });
});

test('simulate plays an explicit set-up', () => {
  const { status, stdout } = run('simulate', ['examples/simulate/splash-56.json']);
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({ format: 'mellow-divot/simulation' });
  const bad = run('simulate', ['-'], readFileSync('examples/greenside.json', 'utf8'));
  expect(bad).toMatchObject({ status: 2, stdout: '' });
  expect(bad.stderr).toMatch(/^setup: is required$/m);
});

describe('the simulated tracker', () => {
  test('prints lines that the protocol reads, the same balls for the same seed', () => {
    const args = ['--balls', '3', '--seed', '4', 'examples/greenside.json'];
    const ballsOf = () => {
      const { status, stdout } = run('tracker', args);
      expect(status).toBe(0);
      return stdout
        .trim()
        .split('\n')
        .map((line) => readTrackedBall(JSON.parse(line)));
    };
    const seen = ({ id: _id, hit_at: _at, ...ball }: TrackedBall) => ball;
    const first = ballsOf();
    expect(first).toHaveLength(3);
    expect(ballsOf().map(seen)).toEqual(first.map(seen));
  });

  test.each([
    [['--balls', '0', 'examples/greenside.json'], /^--balls: must be a whole number/],
    [['--to', 'http://127.0.0.1:1', 'examples/greenside.json'], /^usage: /],
    [['--loud', 'examples/greenside.json'], /--loud/],
    [['-'], /^input: is not JSON/],
  ])('%j is refused', (args, message) => {
    const { status, stdout, stderr } = run('tracker', args, '{');
    expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
    expect(stderr).toMatch(message);
  });
});
