import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { passesAxe } from './helpers';

const PORT = Number(process.env.MELLOW_TEST_PORT ?? 3217) + 2;
const base = `http://127.0.0.1:${PORT}`;
const serving = (host: string, port: number): string[] => [
  'node_modules/next/dist/bin/next',
  'start',
  '--hostname',
  host,
  '--port',
  String(port),
];

test('with a passphrase nothing is shown before it is said, and each browser says it once', async ({
  page,
}) => {
  const data = mkdtempSync(path.join(os.tmpdir(), 'mellow-entrance-'));
  let server: ChildProcess | null = null;
  try {
    if (process.env.MELLOW_SEEDED) cpSync(process.env.MELLOW_SEEDED, data, { recursive: true });
    const env = { ...process.env, MELLOW_DATA: data, MELLOW_PASSPHRASE: 'sand between toes' };
    server = spawn(process.execPath, serving('127.0.0.1', PORT), { env, stdio: 'ignore' });
    const status = async (): Promise<number> =>
      (await page.request.get(`${base}/api/players`)).status();
    await expect.poll(() => status().catch(() => 0), { timeout: 60_000 }).toBe(401);
    await page.goto(`${base}/players`);
    const passphrase = page.getByLabel('Passphrase of this academy');
    await passesAxe(page);
    await passphrase.fill('not this one');
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByRole('alert')).toContainText('That is not the passphrase');
    expect(await status()).toBe(401);
    await passphrase.fill('sand between toes');
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByRole('link', { name: 'Lessons' })).toBeVisible();
    expect(await status()).toBe(200);
    await page.reload();
    await expect(page.getByRole('link', { name: 'Lessons' })).toBeVisible();
  } finally {
    server?.kill('SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
});

test('a server that is opened to a network without a passphrase does not start, and says why', () => {
  const data = mkdtempSync(path.join(os.tmpdir(), 'mellow-open-'));
  const { MELLOW_PASSPHRASE: _none, ...bare } = process.env;
  const env = { ...bare, MELLOW_DATA: data, MELLOW_HOST: '0.0.0.0' };
  const { status, stderr } = spawnSync(process.execPath, serving('0.0.0.0', PORT + 1), {
    env,
    timeout: 60_000,
    encoding: 'utf8',
  });
  rmSync(data, { recursive: true, force: true });
  expect(stderr).toContain('MELLOW_HOST=0.0.0.0 opens every player and lesson');
  expect(status).toBe(3);
});
