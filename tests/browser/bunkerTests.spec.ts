import { fitsAcross, passesAxe } from './helpers';
import { expect, test } from './test';
import { DEMO_TEST } from './views';

test('a test is hit on a phone, taken back, taken up again, and says what it came to', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/practice/tests/new?player=tomas-reinholt');
  await page.getByLabel('Sand today').selectOption('soft');
  await page.getByRole('button', { name: 'Start the test' }).click();
  const ball = page.getByRole('heading', { name: /^Ball/ });
  await expect(ball).toHaveText('Ball 1 of 10, station 1');
  await fitsAcross(page);
  await passesAxe(page);
  const stopped = (words: RegExp) => page.getByRole('button', { name: words }).click();
  await stopped(/^within 4 paces/);
  await stopped(/^stayed in/);
  await expect(ball).toHaveText('Ball 3 of 10, station 2');
  await page.getByRole('button', { name: 'Undo last ball' }).click();
  await stopped(/^within 2 paces/);
  // A reload, or another device, goes on where it stood.
  await expect
    .poll(async () => {
      const address = page.url().split('?')[0]!.replace('/practice/', '/api/');
      const { test: saved } = await (await page.request.get(address)).json();
      return saved.hits.map(({ band }: { band: number }) => band);
    })
    .toEqual([2, 1]);
  await page.reload();
  await expect(ball).toHaveText('Ball 3 of 10, station 2');
  for (let i = 0; i < 8; i++) await stopped(/^within 7 paces/);
  await expect(page.getByRole('heading', { name: '23 of 50 points' })).toBeVisible();
  await expect(page.getByText(/^Plays from bunkers like a handicap of/)).toBeVisible();
  await fitsAcross(page);
  await page.getByRole('button', { name: 'Undo last ball' }).click();
  await expect(ball).toHaveText('Ball 10 of 10, station 5');
});

test('a test is hit by keys, and stands until it can be saved', async ({ page, context }) => {
  await page.goto('/practice/tests/new?player=bertil-haugen');
  await page.getByLabel('Stations').selectOption('random');
  const before = await page.getByRole('list').last().innerText();
  await page.getByRole('button', { name: /^Other stations/ }).click();
  expect(await page.getByRole('list').last().innerText()).not.toBe(before);
  await page.getByRole('button', { name: 'Start the test' }).click();
  await expect(page.getByRole('heading', { name: 'Ball 1 of 10' })).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'Ball 2 of 10' })).toBeVisible();
  await context.setOffline(true);
  await page.keyboard.press('7');
  await expect(page.getByText(/^Not saved yet/)).toBeVisible();
  await context.setOffline(false);
  await page.getByRole('button', { name: 'Save again' }).click();
  await expect(page.getByText(/^Not saved yet/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Ball 3 of 10' })).toBeVisible();
});

test('a retest says whether it is luck; sheet and CSV say what the page says', async ({ page }) => {
  await page.goto(DEMO_TEST);
  await expect(page.getByText(/may be luck|more than luck/)).toBeVisible();
  const [, handicap] = /handicap of (\S+) /.exec(
    await page.getByText(/^Plays from bunkers/).innerText(),
  )!;
  const sheet = await page.request.get(`${DEMO_TEST}/pdf`);
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const lines = (await (await page.request.get('/api/tests/export?player=ines-okafor')).text())
    .trim()
    .split('\r\n');
  expect(lines).toHaveLength(3);
  const said = Number(lines[1]!.split(',')[6]);
  // The page says it whole, the file to a tenth.
  expect(Math.abs(said - Number(handicap))).toBeLessThanOrEqual(0.55);
});

test('a test that is not one is refused by name', async ({ page }) => {
  const address = DEMO_TEST.replace('/practice/', '/api/');
  const { test: stands } = await (await page.request.get(address)).json();
  const hits = [...stands.hits, { station: 4, band: 1 }];
  const refused = await page.request.put(address, { data: { ...stands, hits } });
  expect(refused.status()).toBe(400);
  expect(JSON.stringify(await refused.json())).toContain('must be at most the 10 balls');
});
