import { expect, test } from './test';
import { openDesk, settled, token } from './helpers';

test('from reading to card with the keyboard alone', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('/');
  await page.keyboard.type('plugged, 15 to the flag, green at 9, back 26, lip 1 at 9');
  await page.keyboard.press('Enter');
  await expect(token(page, 'Lie')).toContainText('plugged');
  await settled(page);
  await page.keyboard.press('l');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Escape');
  await expect(token(page, 'Lip')).toContainText('1.5 ft high');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('card to');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/card\?.*lip\.height_ft=1\.5/);
  await expect(page.getByTestId('script')).toContainText('drive down under it');
});

test('the card is in the player’s own units, whatever the desk is in', async ({ page }) => {
  await page.goto('/card?player=tomas-reinholt&pin_yd=13&lip.height_ft=3&lip.distance_ft=8');
  await expect(page.getByRole('heading', { name: 'Tomas Reinholt' })).toBeVisible();
  const text = await page.getByRole('main').innerText();
  expect(text).toMatch(/11\.9 m to the flag/);
  expect(text).not.toMatch(/\d\s*(yd|ft)\b|yards?\b|inch/);
  await expect(page.getByRole('link', { name: 'PDF' })).toHaveAttribute('href', /units=metres/);
});

test('the card comes as a PDF of one page; a link that cannot be read as a refusal', async ({
  request,
}) => {
  for (const query of [
    'player=ines-okafor&pin_yd=18&lip.height_ft=3&lip.distance_ft=8',
    'player=tomas-reinholt&pin_yd=13&edge_yd=9&lip.height_ft=6&lip.distance_ft=10&sand.preset=wet&lie=fried-egg&units=metres',
    'player=marguerite-sole&pin_yd=15&edge_yd=9&lip.height_ft=18&lip.distance_ft=4',
  ]) {
    const response = await request.get(`/card/pdf?${query}`);
    expect(response.headers()['content-type']).toBe('application/pdf');
    const text = (await response.body()).toString('latin1');
    expect(text.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  }
  expect((await request.get('/card/pdf?player=nobody')).status()).toBe(404);
});
