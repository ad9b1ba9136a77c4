import { expect, test } from './test';
import { openDesk, passesAxe, token } from './helpers';

test('a link opened in a fresh browser shows the same reading and the same call', async ({
  page,
  browser,
}) => {
  await openDesk(
    page,
    '?player=jun-akagawa&pin_yd=22&edge_yd=14&lip.height_ft=2&lip.distance_ft=9',
  );
  const script = await page.getByTestId('script').innerText();
  const fresh = await browser.newContext();
  const other = await fresh.newPage();
  await other.goto(page.url());
  await expect(other.getByTestId('script')).toHaveText(script);
  await fresh.close();
});

test('a changed reading is taken back and done again', async ({ page }) => {
  await openDesk(page, '?player=ines-okafor&pin_yd=18&lip.height_ft=3&lip.distance_ft=8');
  await page.keyboard.press('d');
  await page.getByLabel('Ball to the flag', { exact: true }).fill('23');
  await page.keyboard.press('Escape');
  await expect(token(page, 'Distance to the flag')).toContainText('23 yd');
  await page.keyboard.press('Control+z');
  await expect(token(page, 'Distance to the flag')).toContainText('18 yd');
  await page.keyboard.press('Control+Shift+z');
  await expect(token(page, 'Distance to the flag')).toContainText('23 yd');
});

test('a draft is saved by itself, found again, and let go once the reading is kept', async ({
  page,
}) => {
  const metres = 10 + Math.round(Math.random() * 800) / 100;
  await openDesk(page, '?player=bertil-haugen&pin_yd=18&lip.height_ft=3&lip.distance_ft=8');
  await page.keyboard.press('d');
  await page.getByLabel('Ball to the flag', { exact: true }).fill(String(metres));
  await page.keyboard.press('Escape');
  await expect(page.getByText('Draft saved')).toBeAttached();
  await page.keyboard.press('r');
  const drafts = page.getByRole('region', { name: 'Drafts' });
  await drafts
    .getByRole('button', { name: /Bertil Haugen/ })
    .first()
    .click();
  await expect(token(page, 'Distance to the flag')).toContainText('yd');
  const name = `Kept ${Date.now()}`;
  await page.keyboard.press('k');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Name').press('Enter');
  await expect(page.getByText(`Saved: ${name}`)).toBeVisible();

  await page.keyboard.press('r');
  await page.getByLabel('Find a reading').fill(name.toUpperCase());
  await expect(page.getByRole('button', { name: new RegExp(`^${name}`) })).toHaveCount(1);
  await page.getByRole('button', { name: `Duplicate ${name}` }).click();
  await expect(page.getByRole('button', { name: new RegExp(`^${name} \\(copy\\)`) })).toBeVisible();
  await page.getByLabel('Find a reading').fill('no such reading');
  await expect(page.getByText(/No saved reading has “no such reading”/)).toBeVisible();
});

test.describe('with the server gone', () => {
  test('keeping says so, and nothing that was typed is lost', async ({ page }) => {
    await openDesk(page);
    await page.route('**/api/**', (route) => route.abort());
    await page.keyboard.press('k');
    await page.getByLabel('Name').fill('Kept in vain');
    await page.getByLabel('Name').press('Enter');
    await expect(page.getByText(/The server is not answering/)).toBeVisible();
    await expect(page.getByLabel('Name')).toHaveValue('Kept in vain');
  });
});

test('an address that leads nowhere says so and shows ways on', async ({ page }) => {
  for (const nowhere of ['/players/nobody-of-that-name', '/no-such-page', '/lessons/x/review']) {
    await page.goto(nowhere);
    await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Desk' })).toBeVisible();
  }
  await passesAxe(page);
});
