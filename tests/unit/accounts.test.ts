import { execFileSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { Readable } from 'node:stream';
import { accounts } from '@/cli/accounts';
import { openFolder } from '@/data/opening/openFolder';
import { signIn } from '@/data/access/sessions';
import { emptyFolder } from '@/data/testing/emptyFolder';

let folder: string;
const before = process.env.MELLOW_DATA;

beforeAll(async () => {
  folder = await emptyFolder('accounts');
  process.env.MELLOW_DATA = folder;
});
afterAll(() => {
  if (before === undefined) delete process.env.MELLOW_DATA;
  else process.env.MELLOW_DATA = before;
  rmSync(folder, { recursive: true, force: true });
});

/** Runs the command with a line that comes in; its exit status and what it said. */
async function run(
  args: string[],
  line = '',
): Promise<{ status: number; out: string; err: string }> {
  const said = { out: '', err: '' };
  const out = jest.spyOn(process.stdout, 'write').mockImplementation((text) => {
    said.out += String(text);
    return true;
  });
  const err = jest.spyOn(process.stderr, 'write').mockImplementation((text) => {
    said.err += String(text);
    return true;
  });
  try {
    return { status: await accounts(args, Readable.from([`${line}\n`])), ...said };
  } finally {
    out.mockRestore();
    err.mockRestore();
  }
}

const add = (signInName: string, role: string, line: string) =>
  run(['add', '--sign-in', signInName, '--name', 'Ana Lind', '--role', role], line);

/** Whether somebody may sign in with a passphrase. */
async function may(name: string, passphrase: string): Promise<boolean> {
  const database = await openFolder(folder);
  try {
    const from = { address: '', device: '' };
    return 'token' in (await signIn(database.sql, name, passphrase, from));
  } finally {
    await database.close();
  }
}

test('a wrong line is told how it is written, a faulty account what is allowed', async () => {
  for (const args of [[], ['foo'], ['add', 'more'], ['add', '--age', '3']]) {
    expect(await run(args)).toMatchObject({ status: 2, err: expect.stringContaining('usage:') });
  }
  const bad = await add('Ana Lind', 'boss', 'short');
  expect(bad.status).toBe(2);
  expect(bad.err).toMatch(
    /sign_in: .*role: must be one of head-coach.*passphrase: must be text of 10/,
  );
  expect(await run(['list'])).toMatchObject({ status: 0, err: 'Nobody may sign in yet.\n' });
});

test('somebody is added, listed, given another passphrase and removed; the last head coach stays', async () => {
  expect((await add('ana', 'head-coach', 'rake after every ball')).status).toBe(0);
  expect(await may('ana', 'rake after every ball')).toBe(true);
  expect(await add('ana', 'coach', 'rake after every ball')).toMatchObject({ status: 2 });
  expect((await add('cora', 'coach', 'rake after every ball')).status).toBe(0);
  expect((await run(['list'])).out).toBe('ana\thead-coach\tAna Lind\ncora\tcoach\tAna Lind\n');
  const changed = await run(['passphrase', '--sign-in', 'ana'], 'another one entirely');
  expect(changed.out).toContain('every device is signed out');
  expect(await may('ana', 'rake after every ball')).toBe(false);
  expect(await may('ana', 'another one entirely')).toBe(true);
  expect(await run(['remove', '--sign-in', 'nobody'])).toMatchObject({ status: 1 });
  expect((await run(['remove', '--sign-in', 'cora'])).status).toBe(0);
  expect(await run(['remove', '--sign-in', 'ana'])).toMatchObject({
    status: 2,
    err: expect.stringContaining('one head coach'),
  });
});

test('a folder that a server holds is left alone', async () => {
  const database = await openFolder(folder);
  try {
    expect(await run(['list'])).toMatchObject({ status: 3, err: expect.stringMatching(/in use/) });
  } finally {
    await database.close();
  }
});

test('outside the tests a passphrase costs 128 MB a try', () => {
  const kept = `
    const { hashed } = await import('./src/data/access/passphrase.ts');
    console.log(await hashed('rake after every ball'));`;
  const said = execFileSync(
    process.execPath,
    ['--import', 'tsx', '--input-type=module', '--eval', kept],
    { encoding: 'utf8' },
  );
  // 128 bytes times the block of 8 times 2 to this power.
  expect(said).toMatch(/^scrypt\$17\$/);
});
