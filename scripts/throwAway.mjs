/* A PostgreSQL server from Debian's package that lives as long as it is needed, run by an ordinary user in a folder of its own. As a
 * command it runs another with MELLOW_TEST_SERVER set to its address: npm run with-server -- npm run unit. */
import { spawn, spawnSync } from 'node:child_process';
import {
  chownSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { fromDebian, run } from './shared.mjs';

const PACKAGES = '/usr/lib/postgresql';
const OLDEST = 15;

/** Where the newest PostgreSQL of this machine has its programs; null where there is none that is new enough. */
function programs() {
  if (!existsSync(PACKAGES)) return null;
  const versions = readdirSync(PACKAGES)
    .map(Number)
    .filter((version) => version >= OLDEST && existsSync(`${PACKAGES}/${version}/bin/initdb`));
  return versions.length > 0 ? `${PACKAGES}/${Math.max(...versions)}/bin` : null;
}

/** Installs the package where it is missing and we may. Its own cluster is neither made nor started. */
export async function installed() {
  if (programs()) return true;
  const settings = '/etc/postgresql-common';
  if (process.getuid?.() === 0 && !existsSync(`${settings}/createcluster.conf`)) {
    mkdirSync(settings, { recursive: true });
    writeFileSync(`${settings}/createcluster.conf`, 'create_main_cluster = false\n');
  }
  return (await fromDebian('postgresql')) && programs() !== null;
}

/** The number of a user or group by its name. */
const numberOf = (flag, name) =>
  Number(spawnSync('id', [flag, name], { encoding: 'utf8' }).stdout.trim());

/** Who runs the server: it refuses to be run by root, who lends it to the package's user. */
const runner = () =>
  process.getuid?.() === 0
    ? { uid: numberOf('-u', 'postgres'), gid: numberOf('-g', 'postgres') }
    : {};

/**
 * Starts a server that is reached through a socket in a folder of its own.
 *
 * @param settings of the server, by their names
 * @returns the address of a database for the role `mellow`, which owns it and may make databases and roles, and no more; a function that
 *   ends the server and clears it away; null where there is no PostgreSQL
 */
export async function throwAwayServer(settings = {}) {
  const bin = programs();
  if (!bin) return null;
  const folder = mkdtempSync(path.join(os.tmpdir(), 'mellow-server-'));
  const who = runner();
  if (who.uid !== undefined) chownSync(folder, who.uid, who.gid);
  const data = path.join(folder, 'data');
  const made = spawnSync(
    `${bin}/initdb`,
    ['-D', data, '-U', 'keeper', '-A', 'trust', '-E', 'UTF8', '--locale=C.UTF-8', '--no-sync'],
    { ...who, cwd: folder, encoding: 'utf8' },
  );
  if (made.status !== 0) throw new Error(`no database server was made: ${made.stderr}`);
  // What sweeps up by itself is not the role's to end: a database that it is in could not be taken away.
  const all = { listen_addresses: '', max_connections: 200, autovacuum: 'off', ...settings };
  const server = spawn(
    `${bin}/postgres`,
    [
      '-D',
      data,
      '-k',
      folder,
      ...Object.entries(all).flatMap(([name, value]) => ['-c', `${name}=${value}`]),
    ],
    { ...who, cwd: folder, stdio: 'ignore' },
  );
  const ended = new Promise((resolve) => server.on('exit', resolve));
  const address = (role, database) => `postgres://${role}@localhost/${database}?host=${folder}`;
  const keeper = address('keeper', 'postgres');
  await answering(keeper);
  await asked(
    keeper,
    'create role mellow login createdb createrole',
    'create database mellow owner mellow',
  );
  return {
    url: address('mellow', 'mellow'),
    keeper,
    close: async () => {
      server.kill('SIGINT');
      await ended;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** The same, after the package was installed where it is missing; null where it cannot be. */
export const serverHere = async (settings) =>
  (await installed()) ? throwAwayServer(settings) : null;

/** What is said where there is none. */
export const NO_SERVER =
  'PostgreSQL is missing. Install it (Debian: sudo apt-get install postgresql).';

/** Asks a database statements, one after the other. */
export async function asked(url, ...statements) {
  const client = new pg.Client(url);
  try {
    await client.connect();
    for (const statement of statements) await client.query(statement);
  } finally {
    await client.end().catch(() => undefined);
  }
}

/** Resolves as soon as a server that was just started answers. */
async function answering(url) {
  for (let tries = 0; ; tries++) {
    try {
      return await asked(url, 'select 1');
    } catch (error) {
      if (tries > 150) throw error;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const [command, ...args] = process.argv.slice(2);
  if (!command) {
    console.error('usage: npm run with-server -- COMMAND ...');
    process.exit(2);
  }
  const server = await serverHere();
  if (!server) {
    console.error(NO_SERVER);
    process.exit(1);
  }
  const code = await run(command, args, {
    env: { ...process.env, MELLOW_TEST_SERVER: server.url },
  });
  await server.close();
  process.exit(code);
}
