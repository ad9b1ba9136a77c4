import { readFileSync } from 'node:fs';
import type { ChildProcess } from 'node:child_process';
import { fitsAcross, passesAxe, settled, token } from './helpers';
import { addressOf, inFolder, serve, type Served } from './server';
import { expect, test, type Page } from './test';

/* A coach's whole day in an academy of its own, from the empty page to the last file. */

/** A list as a club's office sends it: Latin letters, semicolons in the bag too, a column that means nothing here, a slip. */
const LIST = Buffer.from(
  [
    'Nachname;First name;HCP;Hand;Locker;Bag',
    'Lund;Ada;8,4;L;12;PW 46/6 126; 52 52/10 109; 56 56/12 98; 60 60/8 84',
    'Ek;Bo;+2;R;13;50 50/8 120; 54 54/10 108; 58 58/6 94',
    'Grün;Cécile;24;right;;SW 56/14 70; 9i 41/5 98',
    'Ohara;Dai;17;rh;15;52 52/10 95; 56 56/14 84',
    'Falk;Elif;;l;16;PW 45/5 105; 56 56/10 82',
    'Slip;Of;5;R;17;spade',
  ].join('\r\n'),
  'latin1',
);
const PLAYERS = ['Ada Lund', 'Bo Ek', 'Cécile Grün', 'Dai Ohara', 'Elif Falk'];

/** Takes the list of players over, one column told, one line left out. */
async function importPlayers(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: /^Import a list of players/ }).click();
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'members.csv', mimeType: 'text/csv', buffer: LIST });
  await page.getByLabel(/^Nachname/).selectOption({ label: 'Last name' });
  await expect(page.getByRole('row', { name: /^7 .*"spade" is not a club/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Cécile Grün/ })).toContainText('9i');
  await passesAxe(page);
  await page.getByRole('button', { name: 'Add 5 players' }).click();
  await expect(page.getByText('5 players added; 1 line left out')).toBeVisible();
}

/** Opens something at the desk by its name, from the list of everything. */
async function choose(page: Page, name: string, phone: boolean): Promise<void> {
  if (phone) await page.getByRole('contentinfo').getByRole('button', { name: 'Menu' }).click();
  else await page.keyboard.press('Control+k');
  await page.getByPlaceholder('What do you want to do?').fill(name);
  await page.getByRole('option', { name }).first().click();
}

/** Reads five balls: from a link, word by word, in a line, from the list of everything, and as it was kept. */
async function readFive(page: Page, phone: boolean): Promise<void> {
  await page.goto('/?pin_yd=16&edge_yd=9&lip.height_ft=3&lip.distance_ft=8');
  await settled(page);
  await token(page, 'Player').click();
  await page.getByLabel('Find a player').fill('lund');
  await page.keyboard.press('Enter');
  await expect(token(page, 'Player')).toHaveText(/^Ada Lund/);
  await token(page, 'Lip').click();
  await page.getByLabel('Height of the lip above the ball', { exact: true }).fill('5');
  await page.keyboard.press('Escape');
  await settled(page);
  await keep(page, 'By hand', phone);

  await choose(page, 'Describe the shot in a line', phone);
  await page.keyboard.type('plugged in the face, 12 yards, firm sand, lip 3 ft at 5 ft');
  await page.keyboard.press('Enter');
  await expect(token(page, 'Lie')).toContainText('plugged');
  await settled(page);
  await keep(page, 'In a line', phone);

  await choose(page, 'Sand: soft', phone);
  await expect(token(page, 'Sand')).toContainText('soft');
  await settled(page);
  if (phone) await fitsAcross(page);

  await page.getByRole('button', { name: 'Readings' }).click();
  await page.getByRole('button', { name: /^By hand/ }).click();
  await expect(token(page, 'Lip')).toContainText('5 ft high');
  await settled(page);
}

async function keep(page: Page, name: string, phone: boolean): Promise<void> {
  if (phone) await page.getByRole('button', { name: 'Save', exact: true }).click();
  else await page.keyboard.press('k');
  await expect(page.getByLabel('Name')).toBeFocused();
  await page.keyboard.type(name);
  await page.keyboard.press('Enter');
  await expect(page.getByText(`Saved: ${name}`)).toBeVisible();
}

/** Plans a lesson for all five at the two kept balls; gives back its address. */
async function plan(page: Page): Promise<string> {
  await page.goto('/lessons');
  await page.getByRole('button', { name: 'Plan a lesson' }).click();
  for (const name of PLAYERS) {
    await page.getByLabel('Find a player').fill(name);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: `Remove ${name}` })).toBeVisible();
  }
  for (const label of ['By hand', 'In a line']) {
    await page.getByLabel('A saved reading').selectOption({ label });
  }
  await page.getByLabel('Balls per station').fill('4');
  await page.getByLabel('Begins at').fill('09:30');
  await expect(page.getByRole('rowheader', { name: '09:40' })).toBeVisible();
  await page.getByRole('button', { name: 'Save and start logging' }).click();
  await expect(page.getByRole('radio', { name: PLAYERS[0]! })).toBeVisible();
  return new URL(page.url()).pathname;
}

/** Logs four balls for each player at each station: as called, tapped and typed. */
async function logForty(page: Page): Promise<void> {
  const done = page.getByText(/4 of 4 balls · all balls saved/);
  for (const station of ['1. By hand', '2. In a line']) {
    await page.getByRole('radio', { name: station }).click();
    for (const name of PLAYERS) {
      await page.getByRole('radio', { name }).click();
      const asCalled = page.getByRole('button', { name: /^as called/ });
      await expect(asCalled).toBeEnabled();
      await asCalled.click();
      await page.getByRole('button', { name: 'thin', exact: true }).click();
      for (const ball of ['e3 c9 r3 L1 heavy p2', 'e2.5 s14 R1 p1 ! better']) {
        await page.getByLabel('Quick entry').fill(ball);
        await page.keyboard.press('Enter');
      }
      await expect(done).toBeVisible();
    }
  }
}

/** Reviews and closes the lesson, with homework of each player's own. */
async function review(page: Page, lesson: string): Promise<void> {
  await page.goto(`${lesson}/review`);
  await expect(page.getByRole('row', { name: /^balls/ })).toContainText('8');
  await expect(page.getByRole('row', { name: /^up and down/ })).toContainText('2 of 4');
  await passesAxe(page);
  for (const name of PLAYERS) {
    await page.getByLabel(`Homework for ${name}`).fill(`${name}: ten balls off a line.`);
  }
  await page.getByRole('button', { name: 'Draft the summary' }).click();
  await page.getByRole('button', { name: 'Save and close' }).click();
  await expect(page.getByText('The lesson is closed.')).toBeVisible();
}

interface Listed {
  id: string;
  name: string;
}

/** A card for each, a file of everything about one, who is erased and comes back as before. */
async function cardsAndFiles(page: Page, lesson: string): Promise<void> {
  const { players } = (await (await page.request.get('/api/players')).json()) as {
    players: Listed[];
  };
  expect(players.map(({ name }) => name)).toEqual(PLAYERS);
  for (const { id } of players) {
    const card = await page.request.get(`${lesson}/pdf?player=${id}`);
    expect([card.status(), card.headers()['content-type']]).toEqual([200, 'application/pdf']);
  }
  const ada = players[0]!;
  const held = async (): Promise<string> =>
    (await page.request.get(`/api/players/${ada.id}/export`)).text();
  const before = await held();
  expect(before).not.toContain('Bo Ek: ten balls');
  await page.goto(`/players/${ada.id}`);
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export everything' }).click();
  const file = (await (await saved).path())!;
  expect(readFileSync(file, 'utf8')).toBe(before);
  const whole = await page.request.get(`/api${lesson}/export?as=csv&units=metres`);
  expect((await whole.text()).trim().split('\n')).toHaveLength(41);

  await page.getByRole('button', { name: 'Erase' }).click();
  await expect(page.getByLabel('Type the name to go on')).toBeFocused();
  await page.keyboard.type(ada.name);
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByRole('link', { name: 'Bo Ek', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: ada.name, exact: true })).toHaveCount(0);
  const left = await (await page.request.get(`/api${lesson}/export`)).text();
  expect(left).not.toContain('Ada');

  await page.goto('/players/import');
  await page.getByLabel('Choose a file').setInputFiles(file);
  await page.getByRole('button', { name: `Bring ${ada.name} back` }).click();
  await expect(page.getByText(`${ada.name} is back.`)).toBeVisible();
  expect(await held()).toBe(before);
}

for (const [served, viewport] of [
  ['day', { width: 1280, height: 800 }],
  ['phone day', { width: 390, height: 844 }],
] as const satisfies readonly (readonly [Served, object])[]) {
  test.describe(`at ${viewport.width} by ${viewport.height}`, () => {
    const phone = viewport.width < 768;
    test.use({ baseURL: addressOf(served), viewport, hasTouch: phone });

    test('a coach’s whole day goes without a stumble', ({ page }) =>
      inFolder('day', async (data) => {
        let server: ChildProcess | null = null;
        try {
          server = serve(served, data);
          const status = async (): Promise<number> =>
            (await page.request.get('/api/players')).status();
          await expect.poll(() => status().catch(() => 0)).toBe(200);
          await importPlayers(page);
          await readFive(page, phone);
          const lesson = await plan(page);
          await logForty(page);
          if (phone) await fitsAcross(page);
          await review(page, lesson);
          await cardsAndFiles(page, lesson);
        } finally {
          server?.kill('SIGKILL');
        }
      }));
  });
}
