import { expect, test } from './test';
import { fitsAcross, openDesk, passesAxe, token } from './helpers';

test('two calls are set beside each other line by line', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('o');
  const dialog = page.getByRole('dialog', { name: 'Compare two shots' });
  await expect(dialog.getByRole('row', { name: /^strokes to hole out/ })).toBeVisible();
  await dialog.getByLabel('against this one').selectOption('2');
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
