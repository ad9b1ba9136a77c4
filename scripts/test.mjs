/* npm test: installs what is missing, then lint, types, unit tests, build and browser tests. Ends with the count. */
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { chromiumHere, PACKAGES } from './chromium.mjs';
import { build, fromDebian, install, run, seed } from './shared.mjs';

const node = process.execPath;
const work = mkdtempSync(path.join(os.tmpdir(), 'mellow-test-'));
let passed = 0;
let failed = 0;

/** Counts a step that passes or fails as a whole. */
async function step(name, code) {
  const ok = (await code) === 0;
  if (ok) passed += 1;
  else failed += 1;
  console.log(`${ok ? 'passed' : 'FAILED'}: ${name}\n`);
  return ok;
}

/** The throw-away PostgreSQL server; null where there is none. */
let server = null;

async function finish() {
  await server?.close();
  rmSync(work, { recursive: true, force: true });
  console.log(`${passed} passed, ${failed} failed`);
  process.exit(failed === 0 ? 0 : 1);
}

/** Chromium from Debian's packages where it is missing and we may install it. */
async function chromium() {
  if (chromiumHere()) return 0;
  for (const name of PACKAGES) if (await fromDebian(name)) return 0;
  console.error(
    'Chromium is missing. Install it (Debian: sudo apt-get install chromium) or name one with MELLOW_CHROMIUM.',
  );
  return 1;
}

/** Adds what a runner counted; a runner that failed without a failed test counts as one failure. */
function count(name, code, ok, bad) {
  passed += ok;
  failed += bad || (code === 0 ? 0 : 1);
  console.log(`${name}: ${ok} passed, ${bad} failed\n`);
}

/** What tells tests of the database server. */
const onServer = () => (server ? { MELLOW_TEST_SERVER: server.url } : {});

/** Starts a PostgreSQL server for the tests of the data, or says that they run on folders alone. */
async function startServer() {
  // Its driver is there once the packages are.
  const { serverHere } = await import('./throwAway.mjs');
  server = await serverHere();
  if (server) return;
  console.log(
    'No PostgreSQL server could be started (Debian: sudo apt-get install postgresql): what is tried on one is left out.\n',
  );
}

async function unit() {
  const report = path.join(work, 'unit.json');
  const code = await run(
    node,
    [
      '--experimental-vm-modules',
      '--no-warnings',
      'node_modules/jest/bin/jest.js',
      '--json',
      `--outputFile=${report}`,
      '--silent',
    ],
    { env: { ...process.env, ...onServer() } },
  );
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null;
  count('unit tests', code, result?.numPassedTests ?? 0, result?.numFailedTests ?? 0);
}

/** The demo that the browser tests are tried on. */
const data = path.join(work, 'data');

async function browser() {
  const report = path.join(work, 'browser.json');
  const env = {
    ...process.env,
    MELLOW_DATA: data,
    // The same data untouched, for tests that run a server of their own.
    MELLOW_SEEDED: path.join(work, 'seeded'),
    MELLOW_TEST_REPORT: report,
  };
  if (server) {
    const moved = await run(node, ['--import', 'tsx', 'src/cli/move.ts', '--to', server.url], {
      env,
    });
    if (moved !== 0) return count('browser tests', 1, 0, 0);
  }
  cpSync(env.MELLOW_DATA, env.MELLOW_SEEDED, { recursive: true });
  const onBoth = { ...env, ...onServer(), ...(server && { MELLOW_TEST_DATABASE: server.url }) };
  const code = await run(node, ['node_modules/@playwright/test/cli.js', 'test'], { env: onBoth });
  const stats = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')).stats : null;
  count(
    'browser tests',
    code,
    (stats?.expected ?? 0) + (stats?.flaky ?? 0),
    stats?.unexpected ?? 0,
  );
}

// What the tests start is told to compile in a hurry.
process.env.NODE_OPTIONS = `${process.env.NODE_OPTIONS ?? ''} --import ${pathToFileURL(path.resolve('scripts/lightly.mjs'))}`;
// Fetched while the processors work on the rest.
const fetched = chromium();
if (!(await step('packages', install()))) await finish();
await run(node, ['node_modules/next/dist/bin/next', 'typegen']);
await Promise.all([
  step('lint', run(node, ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings=0'])),
  step('format', run(node, ['node_modules/prettier/bin/prettier.cjs', '--check', '.'])).then(() =>
    step('types', run(node, ['node_modules/typescript/bin/tsc', '--noEmit'])),
  ),
]);
await fetched;
await startServer();
await unit();
// One processor's worth of work each.
const steps = await Promise.all([
  step('build', build()),
  step('demo data', seed({ ...process.env, MELLOW_DATA: data })),
]);
steps.push(await step('Chromium', fetched));
if (steps.every(Boolean)) await browser();
await finish();
