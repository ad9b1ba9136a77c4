import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { readMigrations } from '../migrations/migrate';
import { askServer, newOnServer, testServer } from '../testing/serverDatabases';
import { DatabaseAway } from './away';
import { openServer, ServerUnfit } from '../opening/openServer';

const drops: (() => Promise<unknown>)[] = [];
afterAll(async () => {
  for (const drop of drops) await drop();
});
async function newDatabase(): Promise<string> {
  const { url, drop } = await newOnServer();
  drops.push(drop);
  return url;
}

/** The database's address for another role. */
function as(role: string, url: string): string {
  const address = new URL(url);
  address.username = role;
  return address.href;
}

const run = promisify(execFile);

test('several processes that begin at the same moment make the tables once', async () => {
  const url = await newDatabase();
  const begin = () =>
    run(process.execPath, ['--import', 'tsx', 'src/cli/account.ts', 'list'], {
      env: { ...process.env, DATABASE_URL: url },
    });
  const ends = await Promise.all([begin(), begin(), begin()]);
  for (const { stderr } of ends) expect(stderr).toBe('Nobody may sign in yet.\n');
  expect(await askServer(url, 'select number from migrations order by number')).toEqual(
    readMigrations().map(({ number }) => ({ number })),
  );
});

test('several databases of one server that are made at the same moment share one role', async () => {
  // On a server of its own: the role is there on this one.
  const { stdout } = await run(process.execPath, [
    'scripts/throwAway.mjs',
    process.execPath,
    '--import',
    'tsx',
    'src/data/testing/manyAtOnce.ts',
  ]);
  expect(stdout).toContain('6 rounds');
});

test('a server that cannot be used is refused with what can be done', async () => {
  await expect(openServer('mysql://localhost/x')).rejects.toThrow(/must begin with postgres/);
  const nowhere = new URL(testServer());
  nowhere.pathname = '/nowhere';
  await expect(openServer(nowhere.href)).rejects.toThrow(/create database NAME owner ROLE/);
  await expect(openServer(as('stranger', testServer()))).rejects.toThrow(ServerUnfit);
  const url = await newDatabase();
  await askServer(testServer(), 'create role visitor login');
  await expect(openServer(as('visitor', url))).rejects.toThrow(/grant mellow_guest to ROLE/);
  await askServer(testServer(), 'drop role visitor');
});

test('a database that cannot write every name is refused before anything is made in it', async () => {
  await askServer(
    testServer(),
    "create database latin template template0 encoding 'LATIN1' lc_collate 'C' lc_ctype 'C'",
  );
  const latin = new URL(testServer());
  latin.pathname = '/latin';
  await expect(openServer(latin.href)).rejects.toThrow(/as LATIN1.*template0 encoding 'UTF8'/);
  expect(await askServer(latin.href, "select 1 from pg_class where relname = 'players'")).toEqual(
    [],
  );
  await askServer(testServer(), 'drop database latin');
});

test('a server that does not answer is waited for, and then said to be away', async () => {
  const away = 'postgres://mellow@127.0.0.1:1/mellow';
  const start = Date.now();
  await expect(openServer(away, { patience: 1200 })).rejects.toThrow(DatabaseAway);
  expect(Date.now() - start).toBeGreaterThan(1100);
});
