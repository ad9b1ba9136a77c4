import { fitsAcross, passesAxe } from './helpers';
import { expect, test, type Page } from './test';

/** Answers a scene by keys alone: numbers are typed, choices taken with the arrows, Enter sends it. */
async function answerByKeys(page: Page): Promise<void> {
  await page.getByLabel(/^Distance to the flag/).focus();
  await page.keyboard.type('15');
  await page.keyboard.press('Tab');
  await page.keyboard.type('3');
  for (let choice = 0; choice < 7; choice++) {
    await page.keyboard.press('Tab');
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.press('Enter');
}

test('a round of ten scenes is read and called by keys alone, and ends with what to look at', async ({
  page,
}) => {
  await page.goto('/practice/eye/jun-akagawa?round=3&level=2');
  for (let scene = 1; scene <= 10; scene++) {
    await expect(page.getByText(`scene ${scene} of 10, level 2`)).toBeVisible();
    await answerByKeys(page);
    const next = page.getByRole('button', {
      name: scene < 10 ? 'Next scene' : 'See how the round went',
    });
    await expect(next).toBeFocused();
    await page.keyboard.press('Enter');
  }
  await expect(
    page.getByRole('heading', { name: /^The round: .* strokes lost a ball/ }),
  ).toBeVisible();
  await expect(
    page.getByText(/^(Work most on the |No topic is clearly the weakest)/),
  ).toBeVisible();
  await passesAxe(page);
  // What was answered is known when the page is opened again.
  await page.getByRole('link', { name: 'Another round' }).click();
  await expect(page.getByText('scene 1 of 10')).toBeVisible();
  const file = await (await page.request.get('/api/players/jun-akagawa/export')).json();
  expect(file.eye).toHaveLength(10);
});

test('an answer that is not whole, or is no number, is told, and stays', async ({ page }) => {
  await page.goto('/practice/eye/ines-okafor');
  const see = page.getByRole('button', { name: 'See the answer' });
  await page.getByLabel(/^Distance to the flag/).fill('far');
  await see.click();
  await expect(page.getByText(/^Still to answer: height of the lip, lie/)).toBeVisible();
  await page.getByLabel(/^Height of the lip/).fill('3');
  for (const group of ['lie', 'sand', 'slope', 'club', 'face', 'entry point', 'swing']) {
    await page.getByRole('group', { name: group, exact: true }).locator('label').first().click();
  }
  await see.click();
  await expect(page.getByText(/^The distance to the flag must be a number/)).toBeVisible();
  await expect(page.getByLabel(/^Distance to the flag/)).toHaveValue('far');
});

test('a class sees the same scenes, mirrored for a left-hander, and takes a sheet along', async ({
  page,
}) => {
  await page.goto('/practice/eye');
  await page.getByLabel('Round').selectOption('class');
  await page.getByLabel('Number of the round').fill('x');
  await expect(page.getByText(/must be a whole number from 1 to 99999/)).toBeVisible();
  await page.getByLabel('Number of the round').fill('12');
  const sheet = await page.request.get(
    (await page.getByRole('link', { name: 'Sheet for the class' }).getAttribute('href'))!,
  );
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByRole('link', { name: 'Ines Okafor' }).click();
  await expect(page.getByText('scene 1 of 10, level 2')).toBeVisible();
  const feel = await page.getByText(/^Under the feet/).innerText();
  await page.goto('/practice/eye/jun-akagawa?round=12&level=2');
  expect(await page.getByText(/^Under the feet/).innerText()).toBe(feel);
});

test('the player’s saved readings make a round', async ({ page }) => {
  const saved = await (await page.request.get('/api/readings')).json();
  const own = saved.filter(({ playerId }: { playerId: string }) => playerId === 'ines-okafor');
  await page.goto('/practice/eye');
  await page.getByLabel('Round').selectOption('readings');
  await page.getByRole('link', { name: 'Ines Okafor' }).click();
  await expect(page.getByText(`scene 1 of ${own.length}`)).toBeVisible();
});

test('the scene, its form and the start fit a phone and pass axe at dusk', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const view of ['/practice/eye', '/practice/eye/ines-okafor']) {
    await page.goto(view);
    await page.waitForTimeout(400);
    await fitsAcross(page);
    await passesAxe(page);
  }
  await page.getByRole('button', { name: 'Dusk theme' }).click();
  await passesAxe(page);
});
