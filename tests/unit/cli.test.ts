import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

jest.setTimeout(60_000);

function prescribe(args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'src/cli/prescribe.ts', ...args],
    { input, encoding: 'utf8' },
  );
  return { status, stdout, stderr };
}

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
