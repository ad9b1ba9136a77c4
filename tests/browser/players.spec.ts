import { readFileSync } from 'node:fs';
import type { APIRequestContext } from '@playwright/test';
import { expect, test, type Page } from './test';
import { fitsAcross, openDesk, passesAxe, token } from './helpers';

const unique = (name: string): string => `${name} ${test.info().workerIndex}${Date.now() % 1e7}`;

/** Adds a player through the form and gives back the name. */
async function addPlayer(page: Page, name: string): Promise<void> {
  await page.goto('/players');
  await page.getByRole('button', { name: 'Add a player' }).click();
  const form = page.getByRole('dialog', { name: 'A new player' });
  await form.getByLabel('Name').first().fill(name);
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toHaveCount(0);
}

/** The roster, searched for one player: a list that is still on its way moves its buttons from under the pointer. */
async function find(page: Page, text: string): Promise<void> {
  await page.goto('/players');
  await page.getByLabel('Find a player').fill(text);
  await expect(page.getByRole('status').filter({ hasText: /^1 player$/ })).toBeVisible();
}

const row = (page: Page, name: string) =>
  page.getByRole('row').filter({ has: page.getByRole('link', { name, exact: true }) });

test('a player is added, edited, found and read for at the desk', async ({ page }) => {
  const name = unique('Ada <b>Lund</b>');
  await addPlayer(page, name);
  await find(page, name.toUpperCase());
  await page.getByRole('button', { name: `Edit ${name}` }).click();
  const form = page.getByRole('dialog', { name });
  await form.getByLabel('Plays').selectOption('left');
  await form.getByLabel('Usual miss').selectOption('thin');
  await form.getByLabel('wrist').check();
  await form
    .getByLabel('Face almost shut, the toe cuts in first', { exact: true })
    .selectOption('knows');
  await form.getByLabel('Notes').fill('Left elbow\nsecond line');
  await form.getByRole('button', { name: 'Save' }).click();
  await row(page, name).getByRole('link').click();
  await expect(
    page.getByText(/left-handed, usually misses thin, physical limits: wrist/),
  ).toBeVisible();
  await expect(page.getByText(/knows: face almost shut, the toe cuts in first\./)).toBeVisible();
  await page.getByRole('link', { name: 'Open at the desk' }).click();
  await expect(token(page, 'Player')).toContainText(name);
});

test('what is wrong with a bag is told at its field, and what was typed stays', async ({
  page,
}) => {
  await page.goto('/players');
  await page.keyboard.press('n');
  const form = page.getByRole('dialog', { name: 'A new player' });
  await form.getByLabel('Loft, °').first().fill('5');
  await form.getByLabel('Carry, yd').nth(1).fill('300');
  await form.getByLabel('Name').nth(2).fill('PW');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText(/Name must be text of 1 to 80/)).toBeVisible();
  await form.getByLabel('Name').first().fill('Somebody');
  await expect(form.getByText(/a wedge has 40 to 72 degrees of loft, not 5/)).toBeVisible();
  await expect(form.getByText(/300 yd is too far for a wedge \(at most 180\)/)).toBeVisible();
  await expect(form.getByText(/"PW" is in the bag twice/)).toBeVisible();
  await expect(form.getByLabel('Loft, °').first()).toHaveValue('5');
  await passesAxe(page);
});

test('a player is archived, brought back, deleted with undo, exported, erased and imported again', async ({
  page,
}) => {
  const name = unique('Bo Ek');
  await addPlayer(page, name);
  await find(page, name);
  await page.getByRole('button', { name: `Archive ${name}` }).click();
  await expect(row(page, name)).toHaveCount(0);
  await page.getByLabel('archived').check();
  await page.getByRole('button', { name: `Bring back ${name}` }).click();
  await page.getByLabel('archived').uncheck();
  await page.getByRole('button', { name: `Delete ${name}` }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(row(page, name)).toHaveCount(1);
  await page.getByRole('button', { name: `Delete ${name}` }).click();
  await page
    .getByRole('alertdialog')
    .getByRole('button', { name: `Delete ${name}` })
    .click();
  await expect(row(page, name)).toHaveCount(0);
  await page.getByRole('link', { name: 'Recently deleted' }).click();
  await passesAxe(page);
  await page.getByRole('button', { name: `Bring back ${name}` }).click();
  await expect(page.getByText(`Brought back: ${name}`)).toBeVisible();
  await page.goto('/players');
  await find(page, name);
  await row(page, name).getByRole('link').click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export everything' }).click();
  const file = readFileSync((await (await saved).path())!, 'utf8');
  const everything = JSON.parse(file);
  expect(everything.player.name).toBe(name);
  await page.getByRole('button', { name: 'Erase' }).click();
  await expect(page.getByRole('button', { name: 'Erase for good' })).toBeDisabled();
  await page.getByLabel('Type the name to go on').fill(name);
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await page.getByLabel('Find a player').fill(name);
  await expect(page.getByText(/No match for/)).toBeVisible();

  await page.goto('/players/import');
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  await page.getByRole('button', { name: `Bring ${name} back` }).click();
  await page.getByRole('link', { name: `Open ${name}` }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  const again = await page.request.get(`/api/players/${everything.id}/export`);
  expect(await again.text()).toBe(file);
});

test('a file is looked at before it is imported; exported again it is the same', async ({
  page,
}) => {
  const name = unique('Cy');
  const file = `\uFEFFName;Hand;HCP;Shoe;Clubs\r\n${name} One;L;8,4;41;"PW 45/6 126; 56 56/12 98"\r\n=SUM(1) ${name};R;12;40;56 56/12\r\n${name} Three;both;12;40;spade\r\nInes Okafor;R;9;38;56\r\n`;
  await page.goto('/players/import');
  await page.getByLabel('Contents of the file').fill(file);
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(
    page.getByRole('heading', { name: '4 lines: 3 can be added, 1 cannot' }),
  ).toBeVisible();
  await expect(page.getByLabel(/^Shoe/)).toHaveValue('');
  await expect(page.getByRole('row', { name: /^4 .*"spade" is not a club/ })).toBeVisible();
  await expect(page.getByText(/^Separator: semicolon/)).toBeVisible();
  await passesAxe(page);
  await page.getByRole('button', { name: 'Add 2 players' }).click();
  await expect(page.getByText('2 players added')).toBeVisible();
  await page.getByRole('main').getByRole('link', { name: 'Go to the players' }).click();
  await page.getByLabel('Find a player').fill(name);
  await expect(row(page, `=SUM(1) ${name}`)).toBeVisible();
  const csv = await (await page.request.get('/api/players/export?as=csv')).text();
  expect(csv).toContain(`'=SUM(1) ${name}`);
  const json = await (await page.request.get('/api/players/export?as=json')).json();
  expect(json.players.some((player: { name: string }) => player.name === `=SUM(1) ${name}`)).toBe(
    true,
  );
});

test('a file that is no roster is refused with the reason', async ({ page }) => {
  await page.goto('/players/import');
  await page.getByLabel('Contents of the file').fill('shoe,size\n41,2\n');
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: 'has no column for the name' }),
  ).toBeVisible();
  await expect(page.getByLabel('Contents of the file')).toHaveValue('shoe,size\n41,2\n');
});

test('the player page holds bag, ladder, audit and readings, and passes axe', async ({ page }) => {
  await page.goto('/players/ines-okafor');
  await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
  const edge = page.getByText(/edge .+ off the ground/).nth(5);
  const before = await edge.innerText();
  await page.getByRole('slider', { name: 'Face open, degrees' }).focus();
  for (let i = 0; i < 30; i++) await page.keyboard.press('ArrowRight');
  await expect(edge).not.toHaveText(before);
  await page.getByLabel('Played').selectOption('long');
  await expect(page.getByRole('rowheader', { name: /^9i/ })).toBeVisible();
  await page.getByRole('button', { name: 'As a chart' }).click();
  await expect(page.getByRole('img', { name: /^Carry by swing in yd: 56 / })).toBeVisible();
  await page.getByLabel('Which shots', { exact: true }).fill('20');
  await expect(page.getByText(/carries 20, stops at/).first()).toBeVisible();
  await page.getByLabel('Which shots', { exact: true }).fill('far');
  await expect(page.getByText('Enter a number in yd.')).toBeVisible();
  await page.getByRole('button', { name: 'Find a better wedge' }).click();
  await expect(page.getByText(/Take this to a fitter/)).toBeVisible();
  await passesAxe(page);
});

test('the search for a wedge can be stopped', async ({ page }) => {
  await page.goto('/players/jun-akagawa');
  await page.getByRole('button', { name: 'Find a better wedge' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/Stopped after \d+ of \d+ clubs/)).toBeVisible();
});

test('stock carries are typed, a slip is marked and put right, shots give a carry', async ({
  page,
}) => {
  const name = unique('Dee');
  await page.request.post('/api/players', {
    data: {
      name,
      handed: 'right',
      skill: 'middle',
      bag: [
        { name: 'PW', type: 'wedge', loft_deg: 46, stock_carry_yd: 108 },
        { name: '52', type: 'wedge', loft_deg: 52, stock_carry_yd: 93 },
        { name: '56', type: 'wedge', loft_deg: 56 },
        { name: '60', type: 'wedge', loft_deg: 60, stock_carry_yd: 71 },
      ],
    },
  });
  await find(page, name);
  await row(page, name).getByRole('link').click();
  await expect(page.getByText('no carry')).toBeVisible();
  const carries = page.getByLabel('Carries in yards');
  await carries.fill('58 90');
  await carries.press('Enter');
  await expect(page.getByText(/"58 90" is not a club in the bag/)).toBeVisible();
  await carries.fill('56 28');
  await carries.press('Enter');
  await expect(page.getByText('Probably two digits swapped: 82 yd?')).toBeVisible();
  await page.getByRole('button', { name: 'Use that' }).click();
  await expect(page.getByText('carries 82 yd')).toBeVisible();
  await page.getByText('Full shots off grass').click();
  await page.getByRole('combobox', { name: 'Club' }).selectOption('56');
  await page.getByLabel('Carries of full shots, yd').fill('80 84 79');
  await page.getByRole('button', { name: 'Log' }).click();
  await page.getByRole('button', { name: 'Take 80 yd as stock' }).click();
  await expect(page.getByText('carries 80 yd')).toBeVisible();
});

/** A player with one wedge, whose calls take little computing. */
async function addedWithOneWedge(request: APIRequestContext): Promise<string> {
  const bag = [{ name: '56', type: 'wedge', loft_deg: 56 }];
  const data = { name: 'Una Keil', handed: 'right', skill: 'middle', bag };
  return ((await (await request.post('/api/players', { data })).json()) as { id: string }).id;
}

test('the pocket card has two sides, alone and four on a page', async ({ request }) => {
  const id = await addedWithOneWedge(request);
  for (const query of ['sheet=single', 'sheet=four&units=metres&sand=soft']) {
    const response = await request.get(`/players/${id}/pocket?${query}`);
    expect(response.headers()['content-type']).toBe('application/pdf');
    const pdf = (await response.body()).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(2);
  }
  expect((await request.get('/players/nobody/pocket')).status()).toBe(404);
  expect((await request.get('/players/tomas-reinholt/pocket?sand=snow')).status()).toBe(400);
});

test('a pocket card is asked for with a button that says how long it takes', async ({ page }) => {
  const id = await addedWithOneWedge(page.request);
  await page.goto(`/players/${id}`);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF, one card' }).click();
  await expect(page.getByText(/^Working out the call at every distance/)).toBeVisible();
  expect((await saved).suggestedFilename()).toBe(`${id}-pocket-card.pdf`);
  await expect(page.getByText(/^Working out the call at every distance/)).toHaveCount(0);
});

test('the academy’s settings are kept, bad ones refused', async ({ page }) => {
  await page.goto('/players');
  await page.getByRole('button', { name: 'Academy' }).click();
  const dialog = page.getByRole('dialog', { name: 'The academy' });
  await dialog.getByLabel('Name').fill('');
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(dialog.getByText(/^Name must be text of 1 to 80/)).toBeVisible();
  await dialog.getByLabel('Name').fill('Saltmarsh academy');
  await dialog.getByRole('button', { name: 'Back up now' }).click();
  await expect(dialog.getByText(/^Last backup less than a minute ago/)).toBeVisible();
  await passesAxe(page);
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('The academy’s settings are saved.')).toBeVisible();
});

test('the roster passes axe in both themes and fits a phone', async ({ page }) => {
  await page.goto('/players');
  await expect(page.getByRole('link', { name: 'Ines Okafor' })).toBeVisible();
  await passesAxe(page);
  await page.getByRole('button', { name: 'Dusk theme' }).click();
  await passesAxe(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page);
  await page.goto('/players/ines-okafor');
  await fitsAcross(page);
});

test('a player who is not listed is found from the desk', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('p');
  await page.getByLabel('Find a player').fill('reinh');
  await page.getByRole('radio', { name: /Tomas Reinholt/ }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Player')).toContainText('Tomas Reinholt');
});

test('requests that make no sense are refused by name', async ({ request }) => {
  const list = await request.get('/api/players?limit=many&order=shoe');
  expect(list.status()).toBe(400);
  const { error } = await list.json();
  expect(error.map(({ path }: { path: string }) => path)).toEqual(['limit', 'order']);
  expect((await request.get('/api/players/nobody')).status()).toBe(404);
  expect((await request.put('/api/academy', { data: { name: 'x' } })).status()).toBe(400);
  const shots = await request.post('/api/players/ines-okafor/shots', {
    data: { shots: [{ club: '56', carry_m: 900 }] },
  });
  expect(shots.status()).toBe(400);
});

test('a handicap is in the form; year of birth and contact are on the player’s own page alone', async ({
  page,
}) => {
  const id = (await (await page.request.get('/api/players?search=akagawa')).json()).players[0].id;
  await page.goto(`/players/${id}`);
  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByLabel('Handicap').fill('sixty');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'not "sixty"' })).toBeVisible();
  await page.getByLabel('Handicap').fill('+1.5');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/handicap \+1\.5/)).toBeVisible();

  await page.getByText('Year of birth and contact').click();
  await page.getByLabel('Year of birth', { exact: true }).fill('12');
  await page.getByLabel('Contact', { exact: true }).fill('ask the father, 555 0101');
  await page.getByRole('button', { name: 'Save contact' }).click();
  await expect(page.getByText('Year of birth must be a whole number')).toBeVisible();
  await page.getByLabel('Year of birth', { exact: true }).fill('2012');
  const saved = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok());
  await page.getByRole('button', { name: 'Save contact' }).click();
  await saved;
  await page.reload();
  await page.getByText('Year of birth and contact').click();
  await expect(page.getByLabel('Year of birth', { exact: true })).toHaveValue('2012');
  await passesAxe(page);
  for (const url of ['/api/players', '/api/players/export?as=json', '/', '/players']) {
    expect(await (await page.request.get(url)).text()).not.toContain('555 0101');
  }
  const everything = await (await page.request.get(`/api/players/${id}/export`)).json();
  expect(everything.contact).toEqual({ birth_year: 2012, contact: 'ask the father, 555 0101' });
});
