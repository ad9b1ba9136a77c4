import { openDesk, passesAxe, settled, token } from './helpers';
import { expect, test, type Page } from './test';
import { DEMO_LESSON } from './views';

/* A week with a group: a shot by its numbers, last week's lesson again, everyone's own numbers, one homework for all, and practice from it. */

/** Balls of each player: far enough behind the mark to be learnt from. */
const BALLS = ['e3 c9 r3', 'e3.6 c8 r3', 'e2.8 c10 r4', 'e3.4 c9 r3', 'e3.1 c9 r4', 'e3.8 c7 r3'];

/** Logs six balls for every player of the lesson at its first station; gives back how many players there are. */
async function logFor(page: Page): Promise<number> {
  const players = page.getByRole('radiogroup', { name: 'Player' }).getByRole('radio');
  await players.first().waitFor();
  const count = await players.count();
  for (let i = 0; i < count; i++) {
    await players.nth(i).click();
    for (const ball of BALLS) {
      await page.getByLabel('Quick entry').fill(ball);
      await page.keyboard.press('Enter');
      await expect(page.getByLabel('Quick entry')).toHaveValue('');
    }
    await expect(page.getByText(/6 of \d+ balls · all balls saved/)).toBeVisible();
  }
  return count;
}

test('a group’s week: one sheet, one list, one homework, one plan for all', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('f');
  await expect(page.getByLabel('Flag, yd')).toBeFocused();
  for (const [number, key] of [
    ['24', 'Tab'],
    ['16', 'Tab'],
    ['40', 'Enter'],
  ] as const) {
    await page.keyboard.type(number);
    await page.keyboard.press(key);
  }
  await expect(token(page, 'Distance to the flag')).toContainText('24');
  await expect(token(page, 'Back edge of the green')).toContainText('40');
  await settled(page);
  await page.keyboard.press('Control+z');
  await expect(token(page, 'Distance to the flag')).not.toContainText('24');

  await page.goto('/lessons');
  const demo = page.getByRole('listitem').filter({ has: page.locator(`a[href="${DEMO_LESSON}"]`) });
  await demo.getByRole('button', { name: /^Repeat the lesson at/ }).click();
  await expect(page.getByRole('button', { name: /^Remove / }).first()).toBeVisible();
  await page.getByLabel('Place').fill('The copied bunker');
  await page.getByRole('button', { name: 'Save and start logging' }).click();
  const count = await logFor(page);
  expect(count).toBeGreaterThan(1);
  await page.getByRole('link', { name: 'Review' }).click();

  await page.getByText('What the balls show of everyone').click();
  const all = page.getByRole('button', { name: `Use the numbers of ${count} players` });
  await expect(all).toBeEnabled({ timeout: 60_000 });
  await passesAxe(page);
  await all.click();
  await expect(page.getByText(`Saved for ${count} players.`)).toBeVisible();
  await expect(page.getByText(/Calls use version \d+, from \d+ balls/).first()).toBeVisible();

  await page.getByLabel('Sets of the drill').selectOption('3');
  await page.getByLabel('Balls in a set').selectOption('8');
  const forAll = page.getByRole('button', { name: 'Add to everyone’s homework' });
  await forAll.first().click();
  await expect(page.getByLabel('Homework for everyone')).toHaveValue(/ 3 sets of 8 balls\.$/);
  await page.getByRole('link', { name: /^Plan practice for/ }).click();
  await expect(page.getByText('3 sets of 8 balls')).toBeVisible();
  await expect(page.getByText(/ 3 × 8$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save the plan' }).click();
  await page.getByText('The same practice for others').click();
  // By name: other tests add players and take them away.
  for (const name of ['Jun Akagawa', 'Bertil Haugen']) {
    await page.getByLabel('Find a player').fill(name);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: `Remove ${name}` })).toBeVisible();
  }
  await passesAxe(page);
  await page.getByRole('button', { name: 'Save this plan for 2 players' }).click();
  await expect(page.getByText('Saved for 2 players.')).toBeVisible();
  const plans = (await (await page.request.get('/api/practice')).json()) as {
    plan: { player: string; items: object[] };
  }[];
  const same = plans.filter(({ plan: { items } }) => items.some((item) => 'sets' in item));
  expect(new Set(same.map(({ plan }) => plan.player)).size).toBe(3);
  expect(new Set(same.map(({ plan }) => JSON.stringify(plan.items))).size).toBe(1);
});

test('a coach’s own eye is trained and remembered, apart from the players’', async ({ page }) => {
  await page.goto('/practice/eye');
  await page.getByRole('link', { name: 'Train your own eye' }).click();
  await page.getByLabel(/^Distance to the flag/).fill('15');
  await page.getByLabel(/^Height of the lip/).fill('3');
  for (const group of ['lie', 'sand', 'slope', 'club', 'face', 'entry point', 'swing']) {
    await page.getByRole('group', { name: group, exact: true }).locator('label').first().click();
  }
  const saved = page.waitForResponse(/\/api\/eye\/own$/);
  await page.getByRole('button', { name: 'See the answer' }).click();
  expect((await saved).ok()).toBe(true);
  await expect(page.getByRole('button', { name: 'Next scene' })).toBeFocused();
  await passesAxe(page);
});
