import { spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { passesAxe } from './helpers';
import { addressOf, inFolder, serve, serving } from './server';

const base = addressOf('entrance');

test('with a passphrase nothing is shown before it is said, and each browser says it once', ({
  page,
}) =>
  inFolder('entrance', async (data) => {
    let server: ChildProcess | null = null;
    try {
      if (process.env.MELLOW_SEEDED) cpSync(process.env.MELLOW_SEEDED, data, { recursive: true });
      server = serve('entrance', data, { MELLOW_PASSPHRASE: 'sand between toes' });
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
    }
  }));

test('a server that is opened to a network without a passphrase does not start, and says why', () =>
  inFolder('open', async (data) => {
    const { MELLOW_PASSPHRASE: _none, ...bare } = process.env;
    const env = { ...bare, MELLOW_DATA: data, MELLOW_HOST: '0.0.0.0' };
    const { status, stderr } = spawnSync(process.execPath, serving('open', '0.0.0.0'), {
      env,
      timeout: 60_000,
      encoding: 'utf8',
    });
    expect(stderr).toContain('MELLOW_HOST=0.0.0.0 opens every player and lesson');
    expect(status).toBe(3);
  }));
