import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Runs a command to its end with its output shown; resolves to the exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options });
    child.on('error', (error) => {
      console.error(error.message);
      resolve(127);
    });
    child.on('exit', (code, signal) => resolve(signal ? 1 : (code ?? 1)));
  });
}

/**
 * Runs parts one after the other, whatever comes of each.
 *
 * @param start runs a part by its name, and resolves to its exit code
 * @returns the names of those that failed
 */
export async function benched(names, start) {
  const failed = [];
  for (const name of names) {
    console.log(`\n${name}`);
    if ((await start(name)) !== 0) failed.push(name);
  }
  return failed;
}

/** True when a command can be started. */
export const canRun = (command, args = ['--version']) =>
  spawnSync(command, args, { stdio: 'ignore' }).status === 0;

const STAMPS = '.cache';

/** Hash of the contents of files and folders, for "has anything changed since". */
function fingerprint(entries) {
  const hash = createHash('sha256');
  const add = (entry) => {
    if (!existsSync(entry)) return;
    if (statSync(entry).isDirectory()) {
      for (const name of readdirSync(entry).sort()) add(path.join(entry, name));
      return;
    }
    hash.update(entry).update(readFileSync(entry));
  };
  entries.forEach(add);
  return hash.digest('hex');
}

/** True when `entries` are as they were when `name` was last stamped. */
export function unchanged(name, entries) {
  const file = path.join(STAMPS, name);
  return existsSync(file) && readFileSync(file, 'utf8') === fingerprint(entries);
}

/** Remembers the state of `entries` under `name`. */
export function stamp(name, entries) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(path.join(STAMPS, name), fingerprint(entries));
}

/** Fills the folder or database that the variables name with the demo, where it holds nothing; resolves to the exit code. */
export const seed = (env = process.env, script = 'src/demo/seed.ts') =>
  run(process.execPath, ['--import', 'tsx', script], { env });

const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

/** Installs the packages of the lock file unless they are there already. */
export async function install() {
  const lock = ['package.json', 'package-lock.json'];
  if (existsSync('node_modules') && unchanged('installed', lock)) return 0;
  console.log('Installing packages (about a minute the first time) ...');
  const code = await run(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  if (code === 0) stamp('installed', lock);
  return code;
}

/** Builds the application unless its sources are as they were. */
export async function build() {
  const sources = [
    'src',
    'next.config.ts',
    'postcss.config.mjs',
    'tsconfig.json',
    'package-lock.json',
  ];
  if (existsSync('.next/BUILD_ID') && unchanged('built', sources)) return 0;
  console.log('Building (about half a minute) ...');
  const code = await run(process.execPath, ['node_modules/next/dist/bin/next', 'build']);
  if (code === 0) stamp('built', sources);
  return code;
}

/**
 * The command line, without node itself, that serves the product as it was built. A line that nobody asks on is kept longer than a proxy keeps
 * its own, and a browser: what is asked on it at the moment in which it is closed would be lost.
 *
 * @param {string} host
 * @param {number | string} port
 * @returns {string[]}
 */
export const startLine = (host, port) => [
  'node_modules/next/dist/bin/next',
  'start',
  '--hostname',
  host,
  '--port',
  String(port),
  '--keepAliveTimeout',
  '310000',
];

/** Installs one of Debian's packages where we may; false where we may not, or it fails. */
export async function fromDebian(name) {
  if (process.getuid?.() !== 0 || !canRun('apt-get')) return false;
  console.log(`Installing ${name} ...`);
  const quiet = { stdio: ['ignore', 'ignore', 'inherit'] };
  await run('apt-get', ['update'], quiet);
  const code = await run('apt-get', ['install', '-y', '--no-install-recommends', name], {
    ...quiet,
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
  return code === 0;
}
