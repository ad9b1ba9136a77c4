import { fitsAcross, passesAxe } from './helpers';
import { expect, test, type Page } from './test';
import { DEMO_LESSON, DEMO_PLAN } from './views';

/** A new plan for a player of the demo, saved. */
async function planned(page: Page, player: string): Promise<void> {
  await page.goto(`/practice/new?player=${player}`);
  await page.getByRole('button', { name: 'Save the plan' }).click();
  await expect(page.getByRole('link', { name: 'Calendar' })).toBeVisible();
}

/** Sets the plan back so that it began a week ago: nobody waits for a week. */
async function begunAWeekAgo(page: Page): Promise<void> {
  const address = page.url().split('?')[0]!.replace('/practice/', '/api/practice/');
  const { plan } = (await (await page.request.get(address)).json()) as {
    plan: { starts_on: string };
  };
  const ago = new Date(Date.parse(plan.starts_on) - 8 * 86_400_000).toISOString().slice(0, 10);
  const weekdays = [1, 2, 3, 4, 5, 6, 7];
  await page.request.put(address, { data: { ...plan, starts_on: ago, weekdays, weeks: 2 } });
  await page.reload();
}

test('from a lesson to four weeks of practice in the calendar', async ({ page }) => {
  await page.goto(`${DEMO_LESSON}/review`);
  await page.getByRole('link', { name: /^Plan practice for/ }).click();
  await expect(page.getByRole('heading', { name: '8 sessions' })).toBeVisible();
  await page.getByRole('button', { name: 'Save the plan' }).click();
  const calendar = page.getByRole('link', { name: 'Calendar' });
  await expect(calendar).toBeVisible();
  const file = await page.request.get((await calendar.getAttribute('href'))!);
  expect(file.headers()['content-type']).toContain('text/calendar');
  expect((await file.text()).match(/BEGIN:VEVENT/g)).toHaveLength(8);
  const sheet = await page.request.get(
    (await page.getByRole('link', { name: 'PDF' }).getAttribute('href'))!,
  );
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('what is worth most chooses the drills of the plan', async ({ page }) => {
  await page.goto(DEMO_PLAN);
  const drills = page.getByRole('group', { name: 'Drills' });
  await expect(drills.getByRole('listitem')).toHaveCount(4);
  await page.getByLabel('Usual club from sand').selectOption('60');
  await page.getByRole('button', { name: 'Work it out' }).click();
  const worth = page.getByRole('region', { name: 'What is worth most' });
  await expect(worth.getByRole('listitem')).toHaveCount(5);
  await page.getByRole('button', { name: 'Use drills for these' }).click();
  await expect(page.getByText('Not saved yet.')).toBeVisible();
  // A reload keeps what is not saved yet.
  const first = await drills.getByRole('listitem').first().innerText();
  await page.reload();
  await expect(page.getByText('Not saved yet.')).toBeVisible();
  expect(await drills.getByRole('listitem').first().innerText()).toBe(first);
});

test('results are logged by line, by session and from a file; wrong ones are told and stay', async ({
  page,
}) => {
  await planned(page, 'tomas-reinholt');
  await begunAWeekAgo(page);
  const line = page.getByLabel('Today’s result in a line');
  await line.fill('line 11/10');
  await line.press('Enter');
  await expect(page.getByText('The line 11 of 10: more balls counted than hit.')).toBeVisible();
  await expect(line).toHaveValue('line 11/10');
  await line.fill('line 7/10 ! windy');
  await line.press('Enter');
  await expect(page.getByText('windy')).toBeVisible();
  await expect(line).toHaveValue('');

  const session = page.getByRole('listitem').filter({ hasText: /^1\. \w+ \d/ });
  await expect(session).toContainText('missed');
  await session.getByRole('button', { name: 'Log it' }).click();
  await session.getByLabel('Line in the sand, counted').fill('12');
  await session.getByRole('button', { name: 'Save results' }).click();
  await expect(session.getByText('must be at most the 10 balls, not 12')).toBeVisible();
  await session.getByLabel('Line in the sand, counted').fill('4');
  await session.getByRole('button', { name: 'Save results' }).click();
  await expect(session).toContainText('done');
  await expect(session).toContainText('4 of 10');

  await session.getByRole('button', { name: /^Delete Line in the sand/ }).click();
  await expect(session).toContainText('missed');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(session).toContainText('4 of 10');

  const csv = (text: string) => ({
    name: 'r.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  });
  const day = new Date(Date.now() - 3 * 86_400_000).toISOString().slice(0, 10);
  await page.getByLabel('Import CSV').setInputFiles(csv(`day,drill,count,of\n${day},hoop,7,10`));
  await expect(page.getByText('no drill is called "hoop"')).toBeVisible();
  await page.getByLabel('Import CSV').setInputFiles(csv(`day,drill,count,of\n${day},line,9,10`));
  await expect(page.getByText('1 result imported.')).toBeVisible();
  await expect(page.getByText('20 of 30, 67% (49–81).')).toBeVisible();
});

test('a plan that cannot be is told by its field, and nothing that was typed is lost', async ({
  page,
}) => {
  await page.goto('/practice/new?player=jun-akagawa');
  await page.getByLabel('Begins').fill('2026-01-05');
  await page.getByLabel('Weeks').fill('20');
  await page.getByLabel('Note for the player').fill('Slowly.');
  await page.getByRole('button', { name: 'Save the plan' }).click();
  await expect(page.getByText(/^Weeks must be a whole number from 1 to 12, not 20/)).toBeVisible();
  await page.getByLabel('Weeks').fill('2');
  await page.getByRole('button', { name: 'Save the plan' }).click();
  await expect(page.getByText(/^Begins must not be in the past/)).toBeVisible();
  for (const day of ['Tue', 'Sat']) await page.getByRole('button', { name: day }).click();
  await expect(page.getByText('Choose at least one day of the week.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Note for the player')).toHaveValue('Slowly.');
});

test('a drill is added, changed, archived and had back; drills go out and come in', async ({
  page,
}) => {
  await page.goto('/practice/drills');
  await page.getByRole('button', { name: 'Add a drill' }).click();
  const form = page.getByRole('dialog');
  await form.getByRole('button', { name: 'Save the drill' }).click();
  await expect(form.getByText(/^Name must be text of 1 to 60 characters/)).toBeVisible();
  await form.getByLabel('Name').fill('Rope and rake');
  await form.getByLabel('In a sentence, for homework').fill('Over the rope, under the rake.');
  await form.getByLabel('Purpose').fill('Height.');
  await form.getByLabel('What is counted').fill('balls between them');
  await form.getByLabel('Steps, one a line').fill('Hang the rope.\nHit over it.');
  await form.getByRole('button', { name: 'Add a mark' }).click();
  await expect(form.getByRole('img', { name: /line 2.in behind the ball/ })).toBeVisible();
  await form.getByRole('button', { name: 'Save the drill' }).click();
  const own = page.getByRole('main').getByRole('listitem').filter({ hasText: 'Rope and rake' });
  await own.getByText('Rope and rake').click();
  await expect(own).toContainText('your own');
  await own.getByRole('button', { name: 'Archive' }).click();
  await expect(own).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(own).toHaveCount(1);

  await own.getByText('Rope and rake').click();

  const exported = await (await page.request.get('/api/drills/export')).body();
  await own.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(own).toHaveCount(0);
  const file = { name: 'drills.json', mimeType: 'application/json', buffer: exported };
  await page.getByLabel('Import', { exact: true }).setInputFiles(file);
  await expect(page.getByText(/drills imported/)).toBeVisible();
  await expect(own).toHaveCount(1);
  // What was imported stands as changed: it can be set back.
  for (const drill of JSON.parse(exported.toString()).drills as { id: string }[]) {
    await page.request.delete(`/api/drills/${drill.id}`);
  }
});

test('plans, drills and a plan fit a phone and pass axe at dusk', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const view of ['/practice', '/practice/drills', DEMO_PLAN]) {
    await page.goto(view);
    await page.waitForTimeout(400);
    await fitsAcross(page);
    await passesAxe(page);
  }
  await page.getByRole('button', { name: 'Dusk theme' }).click();
  await passesAxe(page);
});

test('a plan is deleted from the list, and brought back', async ({ page }) => {
  await planned(page, 'bertil-haugen');
  await page.goto('/practice');
  const row = page.getByRole('listitem').filter({ hasText: 'Bertil Haugen' });
  await row.getByRole('button', { name: /^Delete practice/ }).click();
  await expect(row).toHaveCount(0);
  await page.goto('/deleted');
  const gone = page.getByRole('listitem').filter({ hasText: 'Bertil Haugen' });
  await gone.getByRole('button').click();
  await expect(page.getByText(/^Brought back: Bertil Haugen/)).toBeVisible();
  await page.goto('/practice');
  await expect(row).toHaveCount(1);
});
