/* npm run demo: installs, builds, seeds the demo academy once and serves it. --fresh starts over after asking; --empty, which is
 * npm start, seeds nothing: it serves the data folder as it is; --tls serves it encrypted. */
import { spawn } from 'node:child_process';
import { existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import readline from 'node:readline/promises';
import { build, install, run, seed, startLine } from './shared.mjs';
import { certificateFor, tlsBefore } from './tls.mjs';

const host = process.env.MELLOW_HOST || '127.0.0.1';
const port = process.env.PORT || '3000';
const folder = path.resolve(process.env.MELLOW_DATA || '.data');

function stop(message, code) {
  console.error(message);
  process.exit(code);
}

/** True when the person says yes; --yes says it for them. */
async function sure(question) {
  if (process.argv.includes('--yes')) return true;
  if (!process.stdin.isTTY) return false;
  const prompt = readline.createInterface({ input: process.stdin, output: process.stdout });
  const answer = await prompt.question(`${question} Type yes to go on: `);
  prompt.close();
  return answer.trim().toLowerCase() === 'yes';
}

const wanted = process.argv.slice(2);
const unknown = wanted.filter((arg) => !['--fresh', '--yes', '--empty', '--tls'].includes(arg));
if (unknown.length > 0)
  stop(`demo: ${unknown.join(' ')} is not known; --fresh, --yes, --empty and --tls are.`, 2);
const empty = wanted.includes('--empty');
const tls = wanted.includes('--tls');
if (empty && wanted.includes('--fresh')) {
  stop('demo: --fresh starts the demo over; --empty goes without it.', 2);
}

if (wanted.includes('--fresh') && process.env.DATABASE_URL) {
  stop('demo: --fresh deletes the data folder, and DATABASE_URL names a database server.', 2);
}
const fresh = wanted.includes('--fresh') && existsSync(folder);
if (fresh && !(await sure(`This deletes everything in ${folder}.`))) {
  stop('demo: nothing was deleted. (Say --fresh --yes where nobody can be asked.)', 1);
}

if ((await install()) !== 0) stop('demo: the packages could not be installed.', 1);

if (fresh) {
  const check = await run(process.execPath, ['--import', 'tsx', 'src/demo/claim.ts']);
  if (check !== 0) process.exit(check);
  rmSync(folder, { recursive: true, force: true });
}

if (!empty) {
  console.log(
    process.env.DATABASE_URL ? 'Opening the database ...' : 'Opening the data folder ...',
  );
}

const [built, seeded] = await Promise.all([build(), empty ? 0 : seed()]);
if (built !== 0) stop('demo: the build failed.', 1);
if (seeded !== 0) process.exit(seeded);

/** Behind TLS the server itself is reached from this machine alone, one port further. */
const behind = String(Number(port) + 1);
const [innerHost, innerPort] = tls ? ['127.0.0.1', behind] : [host, port];
const server = spawn(process.execPath, startLine(innerHost, innerPort), {
  stdio: ['inherit', 'pipe', 'inherit'],
  env: { ...process.env, NEXT_MANUAL_SIG_HANDLE: '1' },
});
server.stdout.on('data', (chunk) => {
  if (/Ready in/.test(String(chunk))) {
    console.log(
      `\nMellow Divot is at ${tls ? 'https' : 'http'}://${host}:${port}  (Ctrl+C stops it)\n`,
    );
  }
});
if (tls) {
  try {
    const certificate = await certificateFor(folder, host);
    await tlsBefore(certificate, host, port, behind);
    if (certificate.own)
      console.log(
        'This machine signed its certificate itself: each browser asks once whether it is trusted.',
      );
  } catch (error) {
    server.kill('SIGTERM');
    stop(`demo: ${error.message}`, 1);
  }
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill('SIGTERM'));
server.on('exit', (code) => process.exit(code ?? 0));
