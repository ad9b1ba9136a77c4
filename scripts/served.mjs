import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumHere } from './chromium.mjs';
import { build, seed, startLine } from './shared.mjs';

/** True where a bench only shows that it can end. */
export const isSmall = process.env.MELLOW_BENCH === 'small';

/** Starts the product as it was built, with its variables; resolves to how it is ended as soon as it answers. */
export async function started(port, env) {
  const server = spawn(process.execPath, startLine('127.0.0.1', port), {
    env: { ...env, NEXT_MANUAL_SIG_HANDLE: '1' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) =>
    server.stdout.on('data', (text) => /Ready/.test(text) && resolve()),
  );
  const end = async () => {
    const ended = new Promise((resolve) => server.on('exit', resolve));
    server.kill('SIGTERM');
    await ended;
  };
  return { end };
}

/**
 * Builds, fills a throw-away data folder with the demo, serves it, and hands the server's address and a browser to `work`;
 * ends and clears away whatever happens.
 *
 * @param script that fills the folder named by MELLOW_DATA
 */
export async function served(port, work, script) {
  const data = mkdtempSync(path.join(os.tmpdir(), 'mellow-served-'));
  const env = { ...process.env, MELLOW_DATA: data };
  let server, browser;
  try {
    if ((await build()) !== 0) process.exit(1);
    await seed(env, script);
    server = await started(port, env);
    const executablePath = chromiumHere();
    browser = await chromium.launch({
      ...(executablePath ? { executablePath } : {}),
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync'],
    });
    await work(`http://127.0.0.1:${port}`, browser);
  } finally {
    await browser?.close();
    await server?.end();
    rmSync(data, { recursive: true, force: true });
  }
}

/** Rows of name, value and aim in columns. */
export function printRows(rows) {
  for (const [name, value, aim] of rows) {
    console.log(`${name.padEnd(54)}${value.padStart(9)}  ${aim}`);
  }
}
