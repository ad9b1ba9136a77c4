import { expect, test } from './test';
import { fitsAcross, openDesk, passesAxe, settled, token } from './helpers';

test('two calls are set beside each other line by line', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('o');
  const dialog = page.getByRole('dialog', { name: 'Compare two shots' });
  await expect(dialog.getByRole('row', { name: /^strokes to hole out/ })).toBeVisible();
  const other = dialog.getByLabel('against this one');
  const square = other.locator('option', { hasText: 'face nearly square' }).first();
  await other.selectOption((await square.getAttribute('value'))!);
  await expect(dialog.getByRole('row', { name: /^face, ° open/ })).toContainText(/\d/);
  await expect(dialog.getByRole('status')).toContainText(/tie|saves/);
  await passesAxe(page);
});

test('any call is changed by hand, not only the first', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('h');
  const chosen = page.getByLabel('Call to adjust');
  await chosen.selectOption('1');
  const carry = page.getByRole('row', { name: /^carry, yd/ }).getByRole('cell');
  await expect(carry.nth(1)).toHaveText(/^\d/);
});

test('the script is copied, and can be read aloud', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openDesk(page);
  await page.getByRole('button', { name: 'Copy' }).click();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toContain('Enter the sand');
  expect(copied).not.toContain('*');
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await expect(page.getByRole('button', { name: /Stop reading|Read aloud/ }).first()).toBeVisible();
});

test('the palette finds and does things', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('Control+k');
  await page.keyboard.type('sand fir');
  await passesAxe(page);
  await page.keyboard.press('Enter');
  await expect(token(page, 'Sand')).toContainText('firm sand');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('zebra');
  await expect(page.getByText('No match.')).toBeVisible();
});

test('works on a tablet held upright', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await openDesk(page);
  await fitsAcross(page);
  await passesAxe(page);
});

test('the threads of the page may compute four balls at a time; the page itself may compile nothing', async ({
  page,
}) => {
  await openDesk(page);
  await settled(page);
  /** The smallest module there is. */
  const compiles = (): boolean => {
    try {
      return Boolean(new WebAssembly.Module(Uint8Array.of(0, 97, 115, 109, 1, 0, 0, 0)));
    } catch {
      return false;
    }
  };
  const threads = page.workers();
  expect(threads.length).toBeGreaterThan(0);
  for (const thread of threads) expect(await thread.evaluate(compiles)).toBe(true);
  expect(await page.evaluate(compiles)).toBe(false);
});
