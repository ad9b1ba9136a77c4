import { readFileSync } from 'node:fs';
import { aRecord } from '../../src/core/testing/records';
import { expect, test, type Page } from './test';
import { fitsAcross, passesAxe } from './helpers';

const DEMO = '/lessons/5a17a0e5-0000-4000-8000-000000000001';

/** Saves a lesson of its own for this test and gives back its address. */
async function newLesson(page: Page, change: Record<string, unknown> = {}): Promise<string> {
  const id = crypto.randomUUID();
  const shot = { pin_yd: 15, edge_yd: 9, lip: { height_ft: 2, distance_ft: 8 } };
  const response = await page.request.put(`/api/lessons/${id}`, {
    data: {
      held_on: '2026-05-03',
      place: 'Test bunker',
      weather: '',
      players: ['ines-okafor', 'tomas-reinholt'],
      stations: [
        { name: 'Low lip', shot, line: 1 },
        { name: 'Longer', shot: { ...shot, pin_yd: 24 }, line: 2 },
      ],
      balls_per_station: 8,
      minutes_per_turn: 10,
      notes: '',
      ...change,
    },
  });
  expect(response.status()).toBe(200);
  return `/lessons/${id}`;
}

/** The bunker of a lesson, with its call worked out. */
async function atTheBunker(page: Page, lesson: string): Promise<void> {
  await page.goto(lesson);
  await expect(page.getByTestId('script')).toBeVisible();
}

const ballsOf = async (page: Page, lesson: string): Promise<{ id: string }[]> =>
  (await page.request.get(`/api${lesson}/balls`)).json();

test('a lesson is planned with players, stations and a timetable, and saved', async ({ page }) => {
  await page.goto('/lessons');
  await page.getByRole('button', { name: 'Plan a lesson' }).click();
  await page.getByRole('button', { name: 'Save and start logging' }).click();
  const nobody = page.getByText('Add at least one player');
  const noStation = page.getByText('Add at least one station');
  await expect(nobody).toBeVisible();
  await expect(noStation).toBeVisible();
  await page.getByRole('button', { name: '+ Ines Okafor' }).click();
  await expect(nobody).toBeHidden();
  await page.getByRole('button', { name: '+ Jun Akagawa' }).click();
  await page.getByLabel('A saved reading').selectOption({ label: 'Third, left of the green' });
  await page.getByRole('button', { name: 'Random station' }).click();
  await expect(
    page.getByRole('table').getByText('1. Third, left of the green').first(),
  ).toBeVisible();
  await expect(noStation).toBeHidden();
  await page.getByLabel('Begins at').fill('14:30');
  await expect(page.getByRole('rowheader', { name: '14:40' })).toBeVisible();
  await passesAxe(page);
  await page.getByRole('button', { name: 'Save and start logging' }).click();
  await expect(page.getByRole('radio', { name: 'Jun Akagawa' })).toBeVisible();
});

test('a station is typed or drawn within limits; a plan that is not saved yet survives a reload', async ({
  page,
}) => {
  await page.goto('/lessons');
  await page.getByRole('button', { name: 'Plan a lesson' }).click();
  await page.getByRole('button', { name: '+ Ines Okafor' }).click();
  const typed = page.getByLabel('Describe a new one');
  await typed.fill('plugged, purple, 15 to the flag');
  await expect(page.getByText('Not understood: purple')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeDisabled();
  await typed.fill('plugged, firm, 15 to the flag');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByText('Limits for random stations').click();
  await page.getByLabel('Flag to, yd').fill('9');
  await page.getByLabel('Flag to, yd').blur();
  for (const lie of ['clean', 'sitting down', 'fried egg', 'buried']) {
    await page.getByRole('checkbox', { name: lie }).uncheck();
  }
  await expect(page.getByRole('checkbox', { name: 'plugged' })).toBeDisabled();
  await page.getByRole('button', { name: 'Random station' }).click();
  await expect(page.getByText(/^[89] yd to the flag, .*plugged/)).toBeVisible();
  await passesAxe(page);
  await page.reload();
  await expect(page.getByText(/^[89] yd to the flag, .*plugged/)).toBeVisible();
  await expect(page.getByRole('table').getByText('Ines Okafor')).toBeVisible();
  await page.getByRole('button', { name: 'Discard changes' }).click();
  await expect(page.getByLabel('Station 1')).toHaveCount(0);
});

test('the plan says who cannot get out of a station, and stops saying it when the station is gone', async ({
  page,
}) => {
  const wall = { pin_yd: 12, edge_yd: 5, lip: { height_ft: 15, distance_ft: 2 } };
  const lesson = await newLesson(page, { stations: [{ name: 'The wall', shot: wall, line: 1 }] });
  await page.goto(`${lesson}/plan`);
  const nobody = page.getByText('No player in this lesson can get this ball out towards the flag');
  await expect(nobody).toBeVisible();
  await page.getByRole('button', { name: 'Standard station' }).click();
  await expect(page.getByRole('textbox', { name: 'Station 2' })).toHaveValue('18 yd to the flag');
  await page.getByRole('button', { name: 'Remove station 1' }).click();
  await expect(nobody).toBeHidden();
  await expect(page.getByRole('textbox', { name: 'Station 1' })).toHaveValue('18 yd to the flag');
});

test('a plan keeps the stations that balls are logged for', async ({ page }) => {
  await page.goto(`${DEMO}/plan`);
  await page.getByRole('button', { name: 'Remove station 2' }).click();
  await page.getByRole('button', { name: 'Save and start logging' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: 'must stay with its shot' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Discard changes' }).click();
  await expect(page.getByRole('textbox', { name: 'Station 2' })).toBeVisible();
});

test('a ball is logged in three taps, saved at once and there after a reload', async ({ page }) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  const strip = page.getByRole('slider', { name: 'Entry point' });
  const pad = page.getByRole('slider', { name: 'Where the ball finished' });
  const box = (await strip.boundingBox())!;
  await strip.click({ position: { x: box.width * 0.5, y: 30 } });
  const ground = (await pad.boundingBox())!;
  await pad.click({ position: { x: ground.width * 0.6, y: ground.height * 0.6 } });
  await page.getByRole('button', { name: 'good', exact: true }).click();
  await expect(
    page.getByText(/^1\. entered [\d.]+ in behind the ball, stopped at .*good/),
  ).toBeVisible();
  await expect(page.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^1\. entered [\d.]+ in behind/)).toBeVisible();
});

test('a ball is logged by keys alone, typed, edited, excluded, taken away and brought back', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  await page.getByRole('slider', { name: 'Entry point' }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('slider', { name: 'Where the ball finished' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('t');
  await expect(page.getByText(/^1\. .*thin/)).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('e1.5 x9');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '"x9" is not understood' })).toBeVisible();
  await page.getByLabel('Quick entry').fill('e1.5 c12 r3 L2 heavy ! quit on it');
  await page.keyboard.press('Enter');
  const second = page.getByRole('button', { name: /^2\. / });
  await expect(second).toContainText(
    'carried 12 yd, stopped at 15 yd, 2 yd left, heavy, “quit on it”',
  );
  await second.click();
  const form = page.getByRole('listitem').filter({ has: second });
  await form.getByLabel(/^Carried/).fill('far');
  await form.getByRole('button', { name: 'Save the change' }).click();
  await expect(form.getByRole('alert')).toHaveText('Carried, yd must be a number, not "far".');
  await form.getByLabel(/^Carried/).fill('11');
  await form.getByLabel(/^Strike/).selectOption('good');
  await form.getByLabel(/^Change to the set-up/).fill('ball one forward');
  await form.getByRole('button', { name: 'Save the change' }).click();
  await expect(second).toContainText('carried 11 yd, stopped at 15 yd, 2 yd left, good');
  await expect(second).toContainText('“quit on it”, changed: ball one forward');
  // The change is seen as soon as anybody tells of it, which may be before its own answer closes the form.
  await expect(second).toHaveAttribute('aria-expanded', 'false');
  await second.click();
  await page.getByLabel('Reason for excluding it').fill('stone under the ball');
  await page.getByRole('button', { name: 'Exclude' }).click();
  await expect(second).toContainText('stone under the ball');
  await page.getByRole('button', { name: 'Undo last ball' }).click();
  await expect(second).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^2\. / })).toBeVisible();
});

test('a ball that is still on its way is edited, and another taken away; both follow once', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  let release = (): void => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/api/lessons/*/balls', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    await held;
    return route.continue();
  });
  for (const typed of ['c12 heavy', 'c30 thin']) {
    await page.getByLabel('Quick entry').fill(typed);
    await page.keyboard.press('Enter');
  }
  const first = page.getByRole('button', { name: /^1\. / });
  await first.click();
  const form = page.getByRole('listitem').filter({ has: first });
  await form.getByLabel(/^Carried/).fill('11');
  await form.getByRole('button', { name: 'Save the change' }).click();
  await expect(first).toContainText('carried 11 yd, heavy · not saved yet');
  await page.getByRole('button', { name: 'Undo last ball' }).click();
  await expect(page.getByRole('button', { name: /^2\. / })).toHaveCount(0);
  // The offer stays for as long as the pointer rests on it.
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  await undo.hover();
  expect(await ballsOf(page, lesson)).toHaveLength(0);
  release();
  await expect(page.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();
  await expect(first).toHaveText('1. carried 11 yd, heavy');
  const saved = (await ballsOf(page, lesson)) as unknown as { carry_m: number }[];
  expect(saved.map(({ carry_m }) => Math.round(carry_m / 0.9144))).toEqual([11]);
  await undo.click();
  await expect(page.getByRole('button', { name: /^2\. carried 30 yd, thin/ })).toBeVisible();
  await expect.poll(async () => (await ballsOf(page, lesson)).length).toBe(2);
});

test('a call that cannot be computed says so', async ({ page }) => {
  const lesson = await newLesson(page);
  // A thread whose script does not come, without any doubt on which of its requests is cut.
  await page.addInitScript(() => {
    const Thread = window.Worker;
    window.Worker = class extends Thread {
      constructor(_: string | URL, options?: WorkerOptions) {
        super('/nowhere.js', options);
      }
    };
  });
  await page.goto(lesson);
  await expect(
    page.getByRole('alert').filter({ hasText: 'This could not be worked out.' }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'good', exact: true })).toBeDisabled();
});

test('balls wait while the server is away, a reload included, and are saved once in order', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  await page.route('**/api/lessons/*/balls*', (route) => route.abort());
  for (const carry of [10, 11, 12]) {
    await page.getByLabel('Quick entry').fill(`c${carry} good`);
    await page.keyboard.press('Enter');
  }
  await expect(
    page.getByText(/no connection: balls are waiting .* \(3 still to send\)/),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByText(/3 still to send/)).toBeVisible();
  expect(await ballsOf(page, lesson)).toHaveLength(0);
  await page.unroute('**/api/lessons/*/balls*');
  await expect(page.getByText(/3 of 8 balls · all balls saved/)).toBeVisible();
  const saved = (await ballsOf(page, lesson)) as unknown as { carry_m: number }[];
  expect(saved.map(({ carry_m }) => Math.round(carry_m / 0.9144))).toEqual([10, 11, 12]);
});

test('an answer that is lost on the way does not save a ball twice', async ({ page }) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  let lost = 0;
  await page.route('**/api/lessons/*/balls', async (route) => {
    if (route.request().method() === 'POST' && lost++ === 0) {
      await route.fetch();
      return route.abort();
    }
    return route.continue();
  });
  await page.getByLabel('Quick entry').fill('c12 good');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();
  expect(await ballsOf(page, lesson)).toHaveLength(1);
});

test('the simulated tracker feeds balls; a left-hander’s ground is seen in a mirror', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  await page.keyboard.press('n');
  await expect(page.getByRole('radio', { name: 'Tomas Reinholt' })).toHaveAttribute(
    'aria-checked',
    'true',
  );
  await expect(page.getByTestId('script')).toBeVisible();
  await page.getByText('Tracker', { exact: true }).click();
  await page.getByRole('button', { name: 'Simulate a tracked ball' }).click();
  await expect(page.getByText(/^1\. .* · simulated/)).toBeVisible();
  await passesAxe(page);
});

test('what is half tapped and typed is there after a reload; further fields go with it', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  await page.keyboard.press('b');
  const strip = page.getByRole('slider', { name: 'Entry point' });
  await strip.focus();
  await page.keyboard.press('ArrowLeft');
  const tapped = await strip.getAttribute('aria-valuetext');
  await page.getByLabel('Quick entry').fill('c12 r');
  await page.reload();
  await expect(page.getByRole('radio', { name: '2. Longer' })).toHaveAttribute(
    'aria-checked',
    'true',
  );
  await expect(strip).toHaveAttribute('aria-valuetext', tapped!);
  await expect(page.getByLabel('Quick entry')).toHaveValue('c12 r');
  await expect(page.getByTestId('script')).toBeVisible();
  await page.getByText('More details for this ball').click();
  await page.getByLabel(/^Depth of the divot/).fill('0.7');
  await page.getByRole('button', { name: 'Log this ball' }).click();
  await expect(page.getByText(/^1\. entered [\d.]+ in behind/)).toBeVisible();
  await expect(page.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();
  const [ball] = (await ballsOf(page, lesson)) as unknown as Record<string, number>[];
  expect(ball!.divot_depth_m).toBeCloseTo(0.7 * 0.0254, 9);
});

test('two devices see each other’s balls', async ({ page, context }) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  const other = await context.newPage();
  await atTheBunker(other, lesson);
  await other.getByLabel('Quick entry').fill('c12 good');
  await other.keyboard.press('Enter');
  await page.bringToFront();
  await expect(page.getByText(/^1\. carried 12\syd, good$/)).toBeVisible();

  // Changed there, and taken away there: seen here without a reload.
  const [ball] = await ballsOf(page, lesson);
  await page.request.patch(`/api/balls/${ball!.id}`, { data: { carry_m: 18.288, strike: 'good' } });
  await expect(page.getByText(/^1\. carried 20\syd, good/)).toBeVisible();
  await page.request.patch(`/api/balls/${ball!.id}`, { data: { deleted: true } });
  await expect(page.getByText(/^1\. carried/)).toHaveCount(0);
});

test('a plan that was saved on another device is not overwritten: both are seen, and one is chosen', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  const place = page.getByLabel('Place');
  const saves = page.getByRole('button', { name: 'Save and start logging' });
  const savedElsewhere = async (name: string): Promise<void> => {
    const { plan } = (await (await page.request.get(`/api${lesson}`)).json()) as { plan: object };
    const data = { ...plan, place: name };
    expect((await page.request.put(`/api${lesson}`, { data })).status()).toBe(200);
  };
  await page.goto(`${lesson}/plan`);
  await place.fill('Mine');
  await savedElsewhere('Theirs');
  // What was typed began from the earlier plan, a reload notwithstanding.
  await page.reload();
  await expect(place).toHaveValue('Mine');
  await saves.click();
  const conflict = page.getByRole('alert').filter({ hasText: 'changed on another device' });
  await expect(conflict).toContainText('Theirs');
  await passesAxe(page);
  await conflict.getByRole('button', { name: 'Use the other version' }).click();
  await expect(place).toHaveValue('Theirs');
  await place.fill('Mine again');
  await savedElsewhere('Theirs again');
  await saves.click();
  await conflict.getByRole('button', { name: 'Keep my version' }).click();
  await page.waitForURL(lesson);
  const { plan } = (await (await page.request.get(`/api${lesson}`)).json()) as {
    plan: { place: string };
  };
  expect(plan.place).toBe('Mine again');
});

test('a device with the key feeds balls while a page listens, once each, for who is at the bunker', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  await page.getByText('Tracker', { exact: true }).click();
  await page.getByRole('button', { name: 'Create a device key' }).click();
  const key = await page.locator('code').first().textContent();
  const id = crypto.randomUUID();
  const line = (fields: object) =>
    JSON.stringify({
      format: 'mellow-divot/tracked-ball',
      version: 1,
      id,
      hit_at: '2026-05-03T10:00:00Z',
      ...fields,
    });
  const send = (body: string, headers: Record<string, string> = {}) =>
    page.request.post('/api/tracker/balls', {
      data: body,
      headers: {
        'content-type': 'application/x-ndjson',
        authorization: `Bearer ${key}`,
        ...headers,
      },
    });
  expect((await send(line({}), { authorization: 'Bearer guessed' })).status()).toBe(401);
  expect((await send(line({}), { 'content-type': 'text/plain' })).status()).toBe(415);
  const early = await send(line({ carry_yd: 12 }));
  expect(early.status()).toBe(409);
  expect(await early.text()).toContain('no lesson is listening');

  const listen = page.getByRole('button', { name: 'Listen to a tracker' });
  const aimed = page.waitForResponse(
    (r) => r.url().endsWith('/aim') && r.request().method() === 'PUT',
  );
  await listen.click();
  expect((await aimed).status()).toBe(200);
  const body = [line({ carry_yd: 12, strike: 'good' }), 'not json', line({ carry_yd: 9000 })];
  for (let sending = 0; sending < 2; sending++) {
    const answers = (await (await send(`${body.join('\n')}\n`)).text()).trim().split('\n');
    expect(answers).toHaveLength(3);
    expect(JSON.parse(answers[0]!)).toEqual({ saved: id });
    expect(answers[1]).toContain('is not JSON');
    expect(answers[2]).toContain('carry_yd');
  }
  await expect(page.getByText(/^1\. carried 12\syd, good · tracker/)).toBeVisible();
  expect(await ballsOf(page, lesson)).toHaveLength(1);
  await listen.click();
  await expect(async () => expect((await send(line({}))).status()).toBe(409)).toPass();
});

test('the review shows what the balls came to, learns, is taken over, and finds the fault', async ({
  page,
}) => {
  const lesson = await newLesson(page, { players: ['bertil-haugen'] });
  await atTheBunker(page, lesson);
  const marks = [2.6, 3.8, 3.2, 3.9, 3.6, 2.9, 3.7, 3.3];
  for (const mark of marks) {
    const carry = Math.round(18 - 3 * mark);
    await page.getByLabel('Quick entry').fill(`e${mark} c${carry} r4 heavy`);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText(/8 of 8 balls · all balls saved/)).toBeVisible();
  await page.getByRole('link', { name: 'Review' }).click();
  await expect(page.getByRole('row', { name: /^out of the bunker/ })).toContainText('8 of 8');
  await expect(
    page.getByText(/The club enters .* further behind the ball than planned/),
  ).toBeVisible();
  await expect(page.getByText(/^Check next:/)).toBeVisible();
  const first = page.getByRole('region', { name: 'Likely causes' }).getByRole('listitem').first();
  await expect(first).toContainText(/about \d in \d+|nearly always/);
  await page.getByText('All other questions').click();
  const tick = page.getByRole('button', { name: /further forward than the call.* Yes/ });
  await tick.click();
  await expect(tick).toHaveAttribute('aria-pressed', 'true');
  const suspect = page
    .getByRole('listitem')
    .filter({ hasText: 'ball too far forward for the weight' });
  await expect(suspect).toContainText('further forward than the call?”');
  await page.getByLabel('Sets of the drill').selectOption('2');
  await page.getByLabel('Balls in a set').selectOption('12');
  await suspect.getByRole('button', { name: /^Add to .*’s homework$/ }).click();
  await expect(page.getByLabel('Homework')).toHaveValue(
    /Ball back a little.* 2 sets of 12 balls\.$/,
  );
  await passesAxe(page);

  await page.getByRole('button', { name: 'Use these numbers' }).click();
  await expect(page.getByText(/Calls use version \d+, from 8 balls/)).toBeVisible();
  const sheetOf = async () => {
    const player = await (await page.request.get('/api/players/bertil-haugen')).json();
    return player.learnt;
  };
  expect(await sheetOf()).toMatchObject({ balls: 8 });
  await expect(page.getByRole('row', { name: /^Call at Low lip/ })).toBeVisible();
  await page.getByRole('button', { name: 'Not yet' }).click();
  await expect(page.getByText(/Set aside at 8 balls/)).toBeVisible();
  expect(await sheetOf()).toMatchObject({ version: 1 });
  await page.getByRole('button', { name: 'Stop using them' }).click();
  await expect(page.getByText(/until you choose to use these numbers/)).toBeVisible();
  expect(await sheetOf()).toBeUndefined();
  await page.getByText('Earlier decisions').click();
  await page.getByRole('button', { name: 'Use version 1 again' }).click();
  await expect(page.getByText(/Calls use version 2, from 8 balls/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop using them' }).click();
  await expect(page.getByText(/until you choose to use these numbers/)).toBeVisible();

  await page.getByRole('button', { name: 'Draft the summary' }).click();
  await expect(page.getByLabel('Summary')).toHaveValue(
    /Bertil Haugen hit 8 balls; 8 of 8 came out/,
  );
  await page.getByLabel('Homework').fill('Line drill, ten a day.');
  await expect(page.getByText('Not saved yet. Kept in this tab.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Homework')).toHaveValue('Line drill, ten a day.');
  await expect(page.getByLabel('Summary')).toHaveValue(/Bertil Haugen hit 8 balls/);
  await page.getByRole('button', { name: 'Save, keep open' }).click();
  await expect(page.getByText('Saved. The lesson stays open.')).toBeVisible();
  await expect(page.getByText('Not saved yet. Kept in this tab.')).toHaveCount(0);
  await page.getByRole('button', { name: 'Save and close' }).click();
  await expect(page.getByText('The lesson is closed.')).toBeVisible();
  await page.goto('/lessons');
  await expect(
    page.getByText(/Bertil Haugen · 2 stations · 8 balls · closed/).first(),
  ).toBeVisible();
});

test('each player has homework of their own; a closed lesson takes no balls until it is reopened', async ({
  page,
}) => {
  const lesson = await newLesson(page);
  await atTheBunker(page, lesson);
  await page.getByLabel('Quick entry').fill('thin heavy');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/both give the strike/)).toBeVisible();
  await page.getByRole('radio', { name: 'Tomas Reinholt' }).click();
  await expect(page.getByLabel('Quick entry')).toHaveValue('');
  await expect(page.getByRole('button', { name: 'good', exact: true })).toBeEnabled();
  await page.getByLabel('Quick entry').fill('e1.5 c12 r3');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();

  await page.goto(`${lesson}/review`);
  await page.getByLabel('Homework for everyone').fill('Line drill.');
  await page.getByLabel('Homework for Tomas Reinholt').fill('Forty balls.');
  await page.getByRole('button', { name: 'Save and close' }).click();
  await expect(page.getByText('The lesson is closed.')).toBeVisible();
  const kept = await (await page.request.get(`/api${lesson}/export`)).json();
  expect(kept).toMatchObject({
    homework: 'Line drill.',
    own_homework: [{ player: 'tomas-reinholt', text: 'Forty balls.' }],
  });

  await page.goto(lesson);
  await expect(page.getByText('This lesson is closed.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'good', exact: true })).toBeDisabled();
  await page.getByRole('button', { name: 'Reopen the lesson' }).click();
  await expect(page.getByText('This lesson is closed.')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'good', exact: true })).toBeEnabled();
  const again = await (await page.request.get(`/api${lesson}/export`)).json();
  expect(again).toEqual({ ...kept, closed: false });
});

test('a lesson goes out as JSON and CSV, and is imported again without being taken twice', async ({
  page,
}) => {
  await page.goto(`${DEMO}/review`);
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'json' }).click();
  const path = (await (await saved).path())!;
  const file = JSON.parse(readFileSync(path, 'utf8'));
  expect(file.balls).toHaveLength(40);
  const csv = await (await page.request.get(`/api${DEMO}/export?as=csv`)).text();
  expect(csv.trim().split('\n')).toHaveLength(41);
  await page.goto('/lessons');
  await page.locator('input[type=file]').setInputFiles(path);
  await expect(page.getByText(/already exists and was not changed; no balls added/)).toBeVisible();
  const stranger = {
    ...file,
    id: crypto.randomUUID(),
    plan: { ...file.plan, players: ['nobody'] },
  };
  const refused = await page.request.post('/api/lessons/import', {
    data: JSON.stringify(stranger),
    headers: { 'content-type': 'text/plain' },
  });
  expect(refused.status()).toBe(400);
  expect((await refused.json()).error[0].message).toContain('nobody');
});

test('a lesson whose only player is erased still opens, as its plan', async ({ page }) => {
  const added = await page.request.post('/api/players', {
    data: aRecord({ name: `Gone ${Date.now()}` }),
  });
  const { id } = (await added.json()) as { id: string };
  expect(id).toMatch(/^player-[0-9a-f]{18}$/);
  const lesson = await newLesson(page, { players: [id] });
  expect(
    (await page.request.post(`/api/players/${id}/erase`, { data: { words: [] } })).status(),
  ).toBe(204);
  await page.goto(lesson);
  await expect(page).toHaveURL(new RegExp(`${lesson}/plan$`));
  await expect(page.getByText('No players yet.')).toBeVisible();
});

test('a lesson is deleted and brought back', async ({ page }) => {
  const place = `To delete ${Date.now()}`;
  await newLesson(page, { place });
  await page.goto('/lessons');
  await page.getByRole('button', { name: `Delete the lesson at ${place}` }).click();
  await expect(page.getByRole('link', { name: new RegExp(place) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: new RegExp(place) })).toBeVisible();
});

test('plan, bunker and review fit a phone, and the bunker passes axe at dusk', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const view of ['/plan', '', '/review']) {
    await page.goto(`${DEMO}${view}`);
    await page.waitForTimeout(500);
    await fitsAcross(page);
  }
  await page.setViewportSize({ width: 820, height: 1180 });
  await atTheBunker(page, DEMO);
  await page.getByRole('button', { name: 'Dusk theme' }).click();
  await passesAxe(page);
});

test('the lesson and a player’s card come as PDF; the card of somebody else does not', async ({
  page,
}) => {
  for (const query of ['', '?player=tomas-reinholt']) {
    const response = await page.request.get(`${DEMO}/pdf${query}`);
    expect(response.headers()['content-type']).toBe('application/pdf');
    expect((await response.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  expect((await page.request.get(`${DEMO}/pdf?player=jun-akagawa`)).status()).toBe(400);
});

test('balls are set side by side by station, club and player', async ({ page }) => {
  await page.goto(`${DEMO}/review`);
  const table = page.getByRole('region', { name: 'Results' }).getByRole('table');
  for (const [by, column] of [
    ['stations', '2. Under the high face'],
    ['players', 'Tomas Reinholt'],
    ['halves', 'second half'],
  ] as const) {
    await page.getByLabel('Compare').selectOption(by);
    await expect(table.getByRole('columnheader', { name: column })).toBeVisible();
  }
  await expect(page.getByRole('img', { name: /20 entry points; on average/ })).toBeVisible();
});

test('impossible balls are refused by name, and nothing of them is saved', async ({ page }) => {
  const lesson = await newLesson(page);
  const send = (data: object) => page.request.post(`/api${lesson}/balls`, { data });
  const [ball] = (await ballsOf(page, DEMO)) as unknown as Record<string, unknown>[];
  const { seq: _seq, ...good } = ball!;
  const fresh = { ...good, id: crypto.randomUUID() };
  expect((await send({ balls: [{ ...fresh, carry_m: 9000 }] })).status()).toBe(400);
  expect((await send({ balls: [fresh, { ...fresh, player: 'jun-akagawa' }] })).status()).toBe(400);
  expect(await ballsOf(page, lesson)).toHaveLength(0);
  const wrong = await page.request.patch(`/api/balls/${crypto.randomUUID()}`, { data: {} });
  expect(wrong.status()).toBe(404);
});

test('the lessons stand by month, and those of one player alone', async ({ page }) => {
  await newLesson(page, { held_on: '2031-02-03', place: 'Far bunker', players: ['jun-akagawa'] });
  await newLesson(page, { held_on: '2031-03-04', place: 'Near bunker', players: ['ines-okafor'] });
  await page.goto('/lessons');
  await expect(page.getByRole('region', { name: 'March 2031' })).toContainText('Near bunker');
  await expect(page.getByRole('region', { name: 'February 2031' })).toContainText('Far bunker');
  await page.getByLabel('Player').selectOption('Jun Akagawa');
  await expect(page.getByRole('region', { name: 'February 2031' })).toContainText('Far bunker');
  await expect(page.getByText(/Near bunker/)).toHaveCount(0);
  await passesAxe(page);
});
