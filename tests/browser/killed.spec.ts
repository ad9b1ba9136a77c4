import { execFileSync, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import os from 'node:os';
import path from 'node:path';
import { addressOf, portOf, serve } from './server';
import { expect, test } from './test';

const LESSON = '/lessons/5a17a0e5-0000-4000-8000-000000000001';
const base = addressOf('killed');

test('a server that is killed between two balls loses neither', async ({ page }) => {
  const data = mkdtempSync(path.join(os.tmpdir(), 'mellow-killed-'));
  let server: ChildProcess | null = null;
  try {
    const { MELLOW_SEEDED: seeded } = process.env;
    if (seeded) cpSync(seeded, data, { recursive: true });
    else {
      execFileSync(process.execPath, ['--import', 'tsx', 'src/demo/seed.ts'], {
        env: { ...process.env, MELLOW_DATA: data },
      });
    }
    server = serve('killed', data);
    const answers = async (): Promise<number> =>
      (await page.request.get(`${base}/api/lessons`)).status();
    await expect.poll(() => answers().catch(() => 0)).toBe(200);
    await page.goto(`${base}${LESSON}`);
    await expect(page.getByTestId('script')).toBeVisible();
    const line = page.getByLabel('Quick entry');
    await line.fill('c11 good');
    await line.press('Enter');
    await expect(page.getByText(/11 balls, 10 planned · all balls saved/)).toBeVisible();

    await page.locator('html[data-kept-for-later]').waitFor({ state: 'attached' });
    // What the browser happens to remember of its own is not relied on.
    const browser = await page.context().newCDPSession(page);
    await browser.send('Network.clearBrowserCache');
    const dead = new Promise((resolve) => server!.once('close', resolve));
    server.kill('SIGKILL');
    await dead;
    await line.fill('c12 thin');
    await line.press('Enter');
    await expect(
      page.getByText(/balls are waiting in this browser \(1 still to send\)/),
    ).toBeVisible();

    // Loaded again while nobody answers, the page comes back with the ball that waits.
    await page.reload();
    await expect(
      page.getByText(/balls are waiting in this browser \(1 still to send\)/),
    ).toBeVisible();
    await expect(page.getByTestId('script')).toBeVisible();

    // A gateway that finds no server is not what is seen, and one that knows no such page takes nothing away.
    const gateway = { status: 502 };
    const before = createServer((_, response) =>
      response.writeHead(gateway.status, { 'content-type': 'text/html' }).end('gateway'),
    );
    await new Promise<void>((resolve) => before.listen(portOf('killed'), '127.0.0.1', resolve));
    const other = await page.context().newPage();
    await other.goto(`${base}${LESSON}`);
    await expect(other.getByTestId('script')).toBeVisible();
    gateway.status = 404;
    await other.goto(`${base}${LESSON}`);
    await expect(other.getByText('gateway')).toBeVisible();
    await other.close();
    before.closeAllConnections();
    await new Promise((resolve) => before.close(resolve));
    await page.reload();
    await expect(page.getByTestId('script')).toBeVisible();

    server = serve('killed', data);
    await expect(page.getByText(/12 balls, 10 planned · all balls saved/)).toBeVisible();
    const saved = (await (await page.request.get(`${base}/api${LESSON}/balls`)).json()) as {
      strike?: string;
    }[];
    expect(saved).toHaveLength(42);
    expect(saved.slice(-2).map(({ strike }) => strike)).toEqual(['good', 'thin']);
  } finally {
    server?.kill('SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
});
