import type { ChildProcess } from 'node:child_process';
import { cpSync } from 'node:fs';
import { fitsAcross, linksAnswer, passesAxe, settled } from './helpers';
import { addressOf, inFolder, serve, type Served } from './server';
import { expect, test, type Page } from './test';

/** Does something at a server of its own on a data folder, once it answers. */
const served = (
  name: Served,
  page: Page,
  seeded: string | undefined,
  work: (base: string) => Promise<void>,
): Promise<void> =>
  inFolder(name, async (data) => {
    let server: ChildProcess | null = null;
    try {
      if (seeded) cpSync(seeded, data, { recursive: true });
      server = serve(name, data);
      const base = addressOf(name);
      const asked = async (): Promise<number> =>
        (await page.request.get(`${base}/api/players`)).status();
      await expect.poll(() => asked().catch(() => 0)).toBe(200);
      await work(base);
    } finally {
      server?.kill('SIGKILL');
    }
  });

/** Within which a new coach has the first call, ms: machines that run tests are slower than coaches' own. */
const TWO_MINUTES = 120_000;

test('from an empty academy to the first call in one sentence, and within two minutes', ({
  page,
}) =>
  served('first', page, undefined, async (base) => {
    const begun = Date.now();
    await page.goto(`${base}/`);
    await passesAxe(page);
    await linksAnswer(page);
    await page.getByLabel('Name of your academy').fill('Dune links');
    await page.getByLabel('Units').selectOption('metres');
    const add = page.getByRole('button', { name: 'Add the player and open the desk' });
    const sentence = page.getByLabel(/^Your first player/);
    await sentence.fill('plays well, mid handicap');
    await expect(page.getByText('Not understood, and left out: plays well.')).toBeVisible();
    await expect(page.getByText('A name and at least one club is still needed.')).toBeVisible();
    await expect(add).toBeDisabled();
    await sentence.fill('Ada Lund, mid handicap, left-handed, 56/12 goes 75, PW 99');
    await expect(page.getByRole('status')).toContainText(
      'Ada Lund, mid handicap, left-handed, PW (46° that carries 99',
    );
    await fitsAcross(page);
    await add.click();
    await settled(page);
    await expect(page.getByRole('status').filter({ hasText: /^First call/ })).toBeVisible();
    expect(Date.now() - begun).toBeLessThan(TWO_MINUTES);
    await expect(page.getByRole('button', { name: /^Units: metres/ })).toBeVisible();
    await page.goto(`${base}/players`);
    await expect(page.getByRole('heading', { name: 'Dune links' })).toBeVisible();
    await expect(page.getByText('are made up, to look around in')).toHaveCount(0);
  }));

test('the demo says that it is made up, and is cleared away; what was added stays', ({ page }) =>
  served('cleared', page, process.env.MELLOW_SEEDED, async (base) => {
    const bag = [{ name: '56', type: 'wedge', loft_deg: 56 }];
    const mine = {
      name: 'Wanda Own',
      handed: 'right',
      skill: 'good',
      cautions: [],
      schools: [],
      notes: '',
      bag,
    };
    expect((await page.request.post(`${base}/api/players`, { data: mine })).status()).toBe(201);
    await page.goto(`${base}/players`);
    await expect(page.getByText('are made up, to look around in')).toBeVisible();
    await page.getByRole('button', { name: 'Clear the demo away' }).click();
    await passesAxe(page);
    await page.getByRole('alertdialog').getByRole('button', { name: 'Clear it away' }).click();
    await settled(page);
    await page.goto(`${base}/players`);
    await expect(page.getByRole('link', { name: 'Wanda Own' })).toBeVisible();
    await expect(page.getByText('Ines Okafor')).toHaveCount(0);
    await expect(page.getByText('are made up, to look around in')).toHaveCount(0);
    for (const list of ['lessons', 'places', 'readings']) {
      expect([list, await (await page.request.get(`${base}/api/${list}`)).json()]).toEqual([
        list,
        [],
      ]);
    }
  }));

test('everything is saved to a file, and put in the place of what is there; simulated balls are removed', ({
  page,
}) =>
  served('moved', page, process.env.MELLOW_SEEDED, async (base) => {
    const lesson = `${base}/api/lessons/5a17a0e5-0000-4000-8000-000000000001/balls`;
    const balls = (await (await page.request.get(lesson)).json()) as Record<string, unknown>[];
    const { seq: _seq, touched: _touched, ...ball } = balls[0]!;
    const made = { ...ball, id: crypto.randomUUID(), source: 'simulated' };
    expect((await page.request.post(lesson, { data: { balls: [made] } })).ok()).toBe(true);
    await page.goto(`${base}/players?new=academy`);
    const academy = page.getByRole('dialog', { name: 'The academy' });
    await expect(academy.getByText('1 ball in the lessons came from')).toBeVisible();
    await academy.getByRole('button', { name: 'Remove the simulated balls' }).click();
    await expect(academy.getByText('No logged ball is simulated.')).toBeVisible();
    await passesAxe(page);
    const saving = page.waitForEvent('download');
    await academy.getByRole('button', { name: 'Save everything to a file' }).click();
    const file = await (await saving).path();

    const late = { name: 'Late Comer', handed: 'right', skill: 'good', cautions: [], schools: [] };
    const bag = [{ name: '56', type: 'wedge', loft_deg: 56 }];
    const data = { ...late, notes: '', bag };
    expect((await page.request.post(`${base}/api/players`, { data })).status()).toBe(201);
    await academy.getByLabel('Replace everything from a file …').setInputFiles(file);
    const asked = page.getByRole('alertdialog', { name: 'Replace everything?' });
    await expect(asked).toContainText(/The file holds 5 players, 4 lessons, \d+ balls\./);
    await passesAxe(page);
    await asked.getByRole('button', { name: 'Replace everything' }).click();
    await expect(page.getByText('Replacing everything …')).toHaveCount(0);
    await page.goto(`${base}/players`);
    await expect(page.getByRole('link', { name: 'Ines Okafor' })).toBeVisible();
    await expect(page.getByText('Late Comer')).toHaveCount(0);
    expect(await (await page.request.get(lesson)).json()).toHaveLength(balls.length);
    const kept = (await (await page.request.get(`${base}/api/backups`)).json()) as { kept: number };
    expect(kept.kept).toBeGreaterThan(0);
  }));
