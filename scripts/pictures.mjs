/* npm run pictures: refreshes docs/screenshots from the demo data. Needs a build; uses a throw-away data folder. */
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { build, run } from './shared.mjs';

const port = 3218;
const base = `http://127.0.0.1:${port}`;
const phone = { width: 390, height: 844 };
const desk = { width: 1280, height: 800 };

/** Name of the file, what to open, and what to do there. */
const VIEWS = [
  { name: 'desk', open: '/', size: desk },
  {
    name: 'desk-lip-panel',
    open: '/?player=ines-okafor',
    size: desk,
    act: (page) => page.keyboard.press('l'),
  },
  {
    name: 'desk-dusk-left-hander',
    open: '/?player=tomas-reinholt&pin_yd=13&edge_yd=9&back_yd=26&lip.height_ft=6&lip.distance_ft=10&sand.preset=soft&green.stimp_ft=10',
    size: desk,
    act: (page) => page.getByRole('button', { name: 'Dusk theme' }).click(),
  },
  { name: 'desk-phone', open: '/', size: phone },
];

const data = mkdtempSync(path.join(os.tmpdir(), 'mellow-pictures-'));
const env = { ...process.env, MELLOW_DATA: data, NEXT_MANUAL_SIG_HANDLE: '1' };
if ((await build()) !== 0) process.exit(1);
await run(process.execPath, ['--import', 'tsx', 'src/demo/seed.ts'], { env });
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '--hostname', '127.0.0.1', '--port', String(port)],
  { env, stdio: ['ignore', 'pipe', 'inherit'] },
);
await new Promise((resolve) => server.stdout.on('data', (text) => /Ready/.test(text) && resolve()));

const executablePath = process.env.MELLOW_CHROMIUM ?? '/usr/bin/chromium';
const browser = await chromium.launch({
  ...(existsSync(executablePath) ? { executablePath } : {}),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync'],
});
for (const { name, open, size, act } of VIEWS) {
  const page = await browser.newPage({ viewport: size });
  await page.goto(base + open);
  await page.getByRole('status').filter({ hasText: 'First call' }).waitFor({ state: 'attached' });
  await act?.(page);
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
const ended = new Promise((resolve) => server.on('exit', resolve));
server.kill('SIGTERM');
await ended;
rmSync(data, { recursive: true, force: true });
