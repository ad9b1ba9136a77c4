import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import { openDesk, passesAxe, token } from './helpers';

test('a miss is drawn and told, from the key and from the pointer', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('1');
  await expect(page.getByTestId('miss')).toBeVisible();
  await expect(page.getByText(/^An inch heavy: /)).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.getByTestId('miss')).toHaveCount(0);
  await page.getByRole('button', { name: 'fast' }).hover();
  await expect(page.getByText(/^15% faster: /)).toBeVisible();
});

test('zoom, stretch and the view from above, each saved as SVG', async ({ page }) => {
  await openDesk(page);
  const lip = page.getByRole('slider', { name: 'Edge of the lip' });
  const before = (await lip.boundingBox())!;
  await page.getByRole('button', { name: 'Larger' }).click();
  await page.getByRole('button', { name: 'Larger' }).click();
  const larger = (await lip.boundingBox())!;
  expect(larger.x + larger.width / 2).not.toBeCloseTo(before.x + before.width / 2, 0);
  await page.getByRole('button', { name: /Stretch heights/ }).click();
  await page.getByRole('button', { name: 'Show everything' }).click();
  await expect(async () => {
    expect((await lip.boundingBox())!.x).toBeCloseTo(before.x, 0);
  }).toPass();
  for (const view of ['side', 'above']) {
    if (view === 'above') await page.keyboard.press('v');
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save the drawing as SVG' }).click();
    const svg = readFileSync((await (await saved).path())!, 'utf8');
    expect(svg).toContain('<svg');
    expect(svg).not.toMatch(/var\(--|role="slider"/);
  }
  await expect(page.getByRole('group', { name: /^View from above/ })).toBeVisible();
  await passesAxe(page);
});

test('the ball is moved towards the flag by its handle, and everything comes nearer', async ({
  page,
}) => {
  await openDesk(page);
  await page.getByRole('slider', { name: 'Ball' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(token(page, 'Distance to the flag')).toContainText('17 yd');
  await expect(token(page, 'Front edge of the green')).toContainText('10 yd');
  await expect(token(page, 'Lip')).toContainText('5 ft ahead');
});

test('the drawing of a left-hander is seen in a mirror', async ({ page }) => {
  await openDesk(
    page,
    '?player=tomas-reinholt&pin_yd=13&edge_yd=9&lip.height_ft=4&lip.distance_ft=8',
  );
  const ball = (await page.getByRole('slider', { name: 'Ball' }).boundingBox())!;
  const flag = (await page.getByRole('slider', { name: 'Flag' }).boundingBox())!;
  expect(flag.x).toBeLessThan(ball.x);
  await page.getByRole('slider', { name: 'Flag' }).focus();
  await page.keyboard.press('ArrowLeft');
  await expect(token(page, 'Distance to the flag')).toContainText('14 yd');
});
