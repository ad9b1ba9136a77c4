/* npm run -s kills -- [N] [--server]: kills the product N times (200 unless said) while balls are sent to it over HTTP, starts it again each
 * time, and counts: every ball that was acknowledged must be there, once. With --server its data is on a PostgreSQL server, which lives on.
 * Exit status 1 where a ball is lost or doubled. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { build, seed, startLine } from './shared.mjs';
import { NO_SERVER, serverHere } from './throwAway.mjs';

const args = process.argv.slice(2);
const onServer = args.includes('--server');
const rounds = Number(args.find((each) => each !== '--server') ?? 200);
if (!Number.isInteger(rounds) || rounds < 1) {
  console.error(
    'usage: npm run -s kills -- [N] [--server]   how often it is killed, 200 unless said',
  );
  process.exit(2);
}
const database = onServer ? await serverHere() : null;
if (onServer && !database) {
  console.error(NO_SERVER);
  process.exit(1);
}

const PORT = Number(process.env.PORT ?? 3290);
const LESSON = '5a17a0e5-0000-4000-8000-000000000001';
const SENDERS = 3;
const LONGEST_MS = 1500;

const base = `http://127.0.0.1:${PORT}`;
const balls = `${base}/api/lessons/${LESSON}/balls`;
const data = mkdtempSync(path.join(os.tmpdir(), 'mellow-kills-'));
const env = {
  ...process.env,
  MELLOW_DATA: data,
  ...(database ? { DATABASE_URL: database.url } : {}),
};
const acknowledged = new Set();

/** A server on the data, once it answers. */
async function serve() {
  const server = spawn(process.execPath, startLine('127.0.0.1', PORT), {
    env,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  for (;;) {
    if (server.exitCode !== null) throw new Error(`the server ended with ${server.exitCode}`);
    const answer = await fetch(balls).catch(() => null);
    if (answer?.ok) return server;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

const stored = async () => (await (await fetch(balls)).json()).map(({ id }) => id);

/** Sends balls one after the other until the server is gone. */
async function send(sample) {
  for (;;) {
    const ball = { ...sample, id: crypto.randomUUID() };
    const answer = await fetch(balls, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ balls: [ball] }),
    })
      .then((response) => (response.ok ? response.json() : null))
      .catch(() => null);
    if (!answer) return;
    for (const id of answer.saved) acknowledged.add(id);
  }
}

let lost = 0;
let doubled = 0;
try {
  if ((await build()) !== 0) process.exit(1);
  await seed(env);
  let server = await serve();
  const [first] = await (await fetch(balls)).json();
  const sample = { ...first };
  for (const given of ['id', 'seq', 'touched']) delete sample[given];
  for (let round = 1; round <= rounds; round++) {
    const sending = Array.from({ length: SENDERS }, () => send(sample));
    await new Promise((resolve) => setTimeout(resolve, Math.random() * LONGEST_MS));
    const dead = new Promise((resolve) => server.once('close', resolve));
    server.kill('SIGKILL');
    await Promise.all([dead, ...sending]);
    server = await serve();
    const there = await stored();
    const once = new Set(there);
    doubled = there.length - once.size;
    lost = [...acknowledged].filter((id) => !once.has(id)).length;
    if (round % 20 === 0 || round === rounds || lost + doubled > 0) {
      console.log(
        `${round} kills: ${acknowledged.size} acknowledged, ${lost} lost, ${doubled} doubled`,
      );
    }
    if (lost + doubled > 0) break;
  }
  server.kill('SIGKILL');
} finally {
  await database?.close();
  rmSync(data, { recursive: true, force: true });
}
process.exit(lost + doubled > 0 ? 1 : 0);
