import { expect, test, type Page } from './test';
import { fitsAcross, openDesk, passesAxe, settled, token } from './helpers';

const firstClub = (page: Page) => page.locator('#first-call');

/** Sets the lip's height, feet, through its panel and closes it. */
async function setLip(page: Page, feet: string): Promise<void> {
  await token(page, 'Lip').click();
  await page.getByLabel('Height of the lip above the ball', { exact: true }).fill(feet);
  await page.keyboard.press('Escape');
}

test('opens with a reading, a drawing to scale and up to three calls', async ({ page }) => {
  await openDesk(page);
  await expect(page.getByText('Ines Okafor').first()).toBeVisible();
  await expect(page.getByRole('group', { name: /^Side view to scale/ })).toBeVisible();
  await expect(page.getByTestId('script')).toContainText('take your grip');
  await expect(page.getByRole('article')).toHaveCount(3);
});

test('raising the lip changes the call; kept, reloaded and reopened it is the same', async ({
  page,
}) => {
  await openDesk(
    page,
    '?player=ines-okafor&pin_yd=24&edge_yd=14&lip.height_ft=1&lip.distance_ft=8',
  );
  const low = await page.getByTestId('script').innerText();
  for (const feet of ['3', '5', '7']) await setLip(page, feet);
  await expect(page.getByTestId('script')).not.toHaveText(low);
  await expect(page.getByRole('group', { name: /lip 7.ft high/ })).toBeVisible();
  await settled(page);
  const club = await firstClub(page).innerText();
  const script = await page.getByTestId('script').innerText();

  await page.keyboard.press('k');
  const name = `High lip ${test.info().workerIndex}-${Date.now()}`;
  await page.getByLabel('Name').fill(name);
  await page.getByRole('button', { name: 'Save', exact: true }).last().click();
  await expect(page.getByText(`Saved: ${name}`)).toBeVisible();

  await page.reload();
  await expect(page.getByTestId('script')).toHaveText(script);

  await openDesk(page, '?player=jun-akagawa&pin_yd=12');
  await page.getByRole('button', { name: 'Readings' }).click();
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  await expect(firstClub(page)).toHaveText(club);
  await expect(page.getByTestId('script')).toHaveText(script);
  await expect(page).toHaveURL(/lip\.height_ft=7/);
});

test('Back and Forward go through the readings, and back to the desk from another room', async ({
  page,
}) => {
  await openDesk(page, '?player=ines-okafor&pin_yd=16&lip.height_ft=3&lip.distance_ft=8');
  for (const feet of ['5', '7']) {
    await setLip(page, feet);
    await expect(page).toHaveURL(new RegExp(`lip\\.height_ft=${feet}`));
    await page.waitForTimeout(1100);
  }
  const lip = (feet: number) => expect(token(page, 'Lip')).toContainText(`${feet} ft`);
  await page.goBack();
  await lip(5);
  await page.goBack();
  await lip(3);
  await page.goForward();
  await lip(5);
  await page.getByRole('link', { name: 'Lessons' }).click();
  await expect(page).toHaveURL(/\/lessons$/);
  await page.goBack();
  await lip(5);
  await page.goBack();
  await lip(3);
  await settled(page);
  // A player found by name, whom the page does not have as it was fetched at first.
  const found = await page.request.get('/api/players?limit=1&order=name');
  const { players } = await found.json();
  await token(page, 'Player').click();
  await page.getByLabel('Find a player').fill(players[0].name);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(`player=${players[0].id}`));
  await page.getByRole('link', { name: 'Lessons' }).click();
  await expect(page).toHaveURL(/\/lessons$/);
  await page.goBack();
  await expect(token(page, 'Player')).toHaveText(new RegExp(`^${players[0].name}`));
  await lip(3);
});

test('the focus goes to the first field of what opens, and back to what opened it', async ({
  page,
}) => {
  await openDesk(page);
  const opener = page.getByRole('button', { name: 'Readings' });
  await opener.click();
  await expect(page.getByLabel('Find a reading')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(opener).toBeFocused();
  // From the list of everything to a dialog, and home again.
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('What do you want to do?').fill('adjust');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Adjust a shot' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(opener).toBeFocused();
  await token(page, 'Player').click();
  await page.getByLabel('Find a player').fill('jun');
  await page.keyboard.press('Enter');
  await expect(token(page, 'Player')).toHaveText(/^Jun Akagawa/);
  await expect(token(page, 'Player')).toBeFocused();
});

test('a player who is found late takes nothing back that was changed meanwhile, and closes no other panel', async ({
  page,
}) => {
  await openDesk(page);
  let release!: () => void;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/api/players?*', async (route) => {
    await held;
    await route.continue();
  });
  await token(page, 'Player').click();
  await page.getByLabel('Find a player').fill('jun');
  await page.keyboard.press('Enter');
  await token(page, 'Lip').click();
  const lip = page.getByLabel('Height of the lip above the ball', { exact: true });
  await lip.fill('5');
  release();
  await expect(token(page, 'Player')).toHaveText(/^Jun Akagawa/);
  await expect(lip).toHaveValue('5');
  await expect(token(page, 'Lip')).toContainText('5 ft high');
});

test('a deleted reading can be brought back', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('k');
  const name = `To delete ${Date.now()}`;
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Name').press('Enter');
  await page.getByRole('button', { name: 'Readings' }).click();
  await page.getByRole('button', { name: `Delete ${name}` }).click();
  const row = page.getByRole('button', { name: new RegExp(`^${name}`) });
  await expect(row).toHaveCount(0);
  // While the drawer is open.
  await page.getByRole('button', { name: 'Undo', exact: true, includeHidden: true }).click();
  await page.getByRole('button', { name: 'Readings' }).click();
  await expect(row).toBeVisible();
});

test.describe('bad values are refused beside the token, and what was typed stays', () => {
  for (const [typed, message] of [
    ['tall', /must be a number in ft, not "tall"/],
    ['-2', /from 0 to 19 ft, not -2/],
    ['400', /from 0 to 19 ft, not 400/],
  ] as const) {
    test(typed, async ({ page }) => {
      await openDesk(page);
      await page.keyboard.press('l');
      const field = page.getByLabel('Height of the lip above the ball', { exact: true });
      await field.pressSequentially(typed);
      await expect(page.getByRole('alert').filter({ hasText: message })).toBeVisible();
      await expect(field).toHaveValue(typed);
      await expect(token(page, 'Lip')).toContainText('3 ft high');
    });
  }
});

test('numbers step with the arrows and by the slider', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('d');
  await page.keyboard.press('ArrowUp');
  await expect(token(page, 'Distance to the flag')).toContainText('19 yd');
  await page.getByRole('slider', { name: 'Ball to the flag, yd' }).focus();
  await page.keyboard.press('ArrowLeft');
  await expect(token(page, 'Distance to the flag')).toContainText('18 yd');
});

test('a link with a bad field says so and keeps the rest, the player too', async ({ page }) => {
  await openDesk(page, '?player=jun-akagawa&pin_yd=9000&lie=plugged');
  await expect(page.getByRole('alert').first()).toContainText('shot.pin_yd');
  await expect(token(page, 'Lie')).toContainText('plugged');
  await expect(page.getByText('Jun Akagawa').first()).toBeVisible();
  await openDesk(page, '?player=nobody');
  await expect(page.getByRole('alert').first()).toContainText('nobody');
});

test('units and theme are remembered', async ({ page }) => {
  await openDesk(page);
  await page.getByRole('button', { name: /Units: yards/ }).click();
  await expect(token(page, 'Distance to the flag')).toContainText('16.5 m');
  await page.getByRole('button', { name: 'Dusk theme' }).click();
  await page.reload();
  await expect(token(page, 'Distance to the flag')).toContainText('16.5 m');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
});

test('a left-hander aims and opens the other way', async ({ page }) => {
  await openDesk(
    page,
    '?player=tomas-reinholt&pin_yd=14&edge_yd=9&lip.height_ft=7&lip.distance_ft=9&sand.preset=powder',
  );
  await expect(page.getByTestId('script')).toContainText('to the right of the flag');
});

test('a lip that cannot be cleared is played out another way, and says so', async ({ page }) => {
  await openDesk(
    page,
    '?player=marguerite-sole&pin_yd=15&edge_yd=9&lip.height_ft=18&lip.distance_ft=4',
  );
  await expect(
    page.getByText(/^No club in this bag gets this ball out towards the flag/),
  ).toBeVisible();
  await expect(page.getByTestId('script')).not.toBeEmpty();
});

test('lie, slope and wind are read, said and in the link', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('i');
  await page.getByRole('radio', { name: 'plugged' }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Lie')).toContainText('plugged');
  await settled(page);
  await expect(page.getByTestId('script')).toContainText(/drive down under it/);
  await page.keyboard.press('t');
  await page.getByLabel('Upslope along the line', { exact: true }).fill('8');
  await page.keyboard.press('Escape');
  await expect(token(page, 'Slope')).toContainText('an 8° upslope');
  await page.keyboard.press('a');
  await page.getByRole('button', { name: 'Wind', exact: true }).click();
  await page.getByRole('radio', { name: 'behind', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Wind')).toContainText('behind');
  await expect(page).toHaveURL(/wind\.from_deg=180/);
  await expect(page).toHaveURL(/lie=plugged/);
  await expect(page).toHaveURL(/slope\.along_deg=8/);
});

test('the flag is dragged, and the lip moved with the keys, in the drawing', async ({ page }) => {
  await openDesk(page);
  const flag = page.getByRole('slider', { name: 'Flag' });
  const box = (await flag.boundingBox())!;
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const script = page.getByTestId('script');
  const before = await script.innerText();
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x + 60, at.y, { steps: 6 });
  await expect(token(page, 'Distance to the flag')).toContainText(/19|2\d/);
  // The calls follow while the flag is held; the search waits until it is let go.
  await expect(script).not.toHaveText(before);
  await expect(page.getByRole('status').filter({ hasText: /^Working out/ })).toBeAttached();
  await page.mouse.up();
  await settled(page);
  const lip = page.getByRole('slider', { name: 'Edge of the lip' });
  await lip.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(token(page, 'Lip')).toContainText('4 ft high');
});

test('the reading is typed, with what was not understood marked', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('/');
  await page.keyboard.type('plugged, purple, 15 to the flag, lip 4 at 6');
  await expect(page.getByText('Not understood:')).toContainText('purple');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Change the underlined words')).toBeVisible();
  await page.getByRole('button', { name: 'Apply the rest' }).click();
  await expect(token(page, 'Lie')).toContainText('plugged');
  await expect(token(page, 'Distance to the flag')).toContainText('15 yd');
  await expect(token(page, 'Lip')).toContainText('4 ft high and 6 ft ahead');
});

test('what has a key has a button too, and a phone one menu of everything', async ({ page }) => {
  await openDesk(page);
  const foot = page.getByRole('contentinfo');
  await foot.getByRole('button', { name: 'techniques' }).click();
  await expect(page.getByRole('dialog')).toContainText('Compare techniques');
  await page.keyboard.press('Escape');
  await foot.getByRole('button', { name: 'describe' }).click();
  await page.keyboard.type('plugged');
  await page.keyboard.press('Enter');
  await expect(token(page, 'Lie')).toContainText('plugged');
  await foot.getByRole('button', { name: 'undo' }).click();
  await expect(token(page, 'Lie')).not.toContainText('plugged');
  await foot.getByRole('button', { name: 'redo' }).click();
  await expect(token(page, 'Lie')).toContainText('plugged');

  await page.setViewportSize({ width: 390, height: 844 });
  await foot.getByRole('button', { name: 'Menu' }).click();
  await page.getByRole('option', { name: 'Call map' }).click();
  await expect(page.getByRole('dialog', { name: /map/i })).toBeVisible();
  await fitsAcross(page);
});

test('rules and care, and the keys, are a key away', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('c');
  await expect(page.getByText(/Rules of Golf in force and the Committee/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toContainText('call map');
});

test('every school is shown, those that cannot do it crossed out with the reason', async ({
  page,
}) => {
  await openDesk(page);
  await page.keyboard.press('x');
  const table = page.getByRole('table');
  await expect(table.getByRole('row').nth(3)).toContainText(/\d\.\d/);
  await expect(table.locator('s').first()).toBeVisible();
});

test('another way out is read with its room and stands in the address', async ({ page }) => {
  await openDesk(page, '?player=ines-okafor&pin_yd=18&lip.height_ft=9&lip.distance_ft=6');
  await page.keyboard.press('a');
  await page.getByRole('button', { name: 'left', exact: true }).click();
  await page.getByLabel('Space beyond it').fill('300');
  await expect(page.getByRole('alert').filter({ hasText: /must be/i })).toBeVisible();
  await page.getByLabel('Space beyond it').fill('22');
  await expect(token(page, 'More')).toContainText('1 other escape route');
  await expect(page).toHaveURL(/room_yd=22/);
  await page.reload();
  await settled(page);
  await expect(token(page, 'More')).toContainText('1 other escape route');
});

test('the call is changed by hand and simulated beside the original', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('h');
  const carry = page.getByRole('row', { name: /^carry, yd/ }).getByRole('cell');
  await expect(carry.nth(0)).toHaveText(/^\d/);
  const said = await carry.nth(0).innerText();
  await expect(carry.nth(1)).toHaveText(said);
  const called = Number(said);
  const field = page.getByLabel('Entry point behind the ball', { exact: true });
  await field.fill('3.5');
  await expect(async () => {
    expect(Number(await carry.nth(1).innerText())).toBeLessThan(called - 3);
  }).toPass();
  await field.fill('9');
  await expect(page.getByText('Entry point behind the ball goes from -0.5 to 4 in.')).toBeVisible();
  await page.getByRole('button', { name: 'Reset to the call' }).click();
});

test('the card holds the reading and the call on one page', async ({ page }) => {
  await openDesk(page);
  const script = await page.getByTestId('script').innerText();
  await page.getByRole('link', { name: 'Card' }).click();
  await expect(page.getByRole('heading', { name: 'Ines Okafor' })).toBeVisible();
  await expect(page.getByTestId('script')).toHaveText(script);
  await expect(page.getByRole('contentinfo')).toContainText('Rules of Golf in force');
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await passesAxe(page);
  await page.goto('/card?player=nobody');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
});

test('says when the call changes', async ({ page }) => {
  // One wedge: every border is settled by the full search, which takes its time with a whole bag.
  const bag = [{ name: '56', type: 'wedge', loft_deg: 56 }];
  const data = { name: 'Odo Fahr', handed: 'right', skill: 'middle', bag };
  const added = await page.request.post('/api/players', { data });
  const { id } = (await added.json()) as { id: string };
  await openDesk(page, `?player=${id}`);
  const panel = page.getByRole('region', { name: 'When the call changes' });
  await panel.getByRole('button', { name: 'Check when the call changes' }).click();
  await expect(panel.getByText(/^looking/)).toHaveCount(0, { timeout: 160_000 });
  await expect(panel.getByRole('listitem').first()).toContainText(/→/);
});

test('looks for when the call changes by itself where that is wished', async ({ page }) => {
  await openDesk(page);
  const panel = page.getByRole('region', { name: 'When the call changes' });
  await expect(panel.getByRole('listitem')).toHaveCount(0);
  await panel.getByLabel(/^Check automatically/).check();
  await expect(panel.getByRole('listitem').first()).toBeVisible();
  await page.reload();
  await settled(page);
  await expect(panel.getByLabel(/^Check automatically/)).toBeChecked();
  await expect(panel.getByRole('button')).toHaveCount(0);
  await panel.getByLabel(/^Check automatically/).uncheck();
  await expect(panel.getByText(/^looking/)).toHaveCount(0);
});

test('the call map fills, can be stopped, changes its axes and is saved', async ({ page }) => {
  await openDesk(page);
  await page.keyboard.press('m');
  const map = page.getByRole('img', { name: /^Best call by/ });
  await expect(map).toHaveAttribute('aria-label', /A /);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/stopped after \d+ positions/)).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save CSV' }).click();
  expect((await saved).suggestedFilename()).toBe('call-map-distance-lip.csv');
  await page.getByLabel('up').selectOption('sand');
  await expect(map).toHaveAttribute('aria-label', /firmness of the sand: A /);
  await page.keyboard.press('Escape');
  await expect(map).toHaveCount(0);
});

test('works on a phone without sideways scrolling', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDesk(page);
  await fitsAcross(page);
  await token(page, 'Sand').click();
  await page.getByRole('radio', { name: /^firm/ }).click();
  await page.keyboard.press('Escape');
  await expect(token(page, 'Sand')).toContainText('firm sand');
});

test.describe('accessibility', () => {
  for (const theme of ['light', 'dusk'] as const) {
    test(`the desk, its panels and drawers pass axe in the ${theme} theme`, async ({ page }) => {
      await openDesk(page);
      if (theme === 'dusk') await page.getByRole('button', { name: 'Dusk theme' }).click();
      // What is not a colour is the same in both themes.
      const rules = theme === 'dusk' ? ['color-contrast'] : undefined;
      await passesAxe(page, rules);
      for (const key of ['p', 'i', 's', 't', 'l', 'a', 'm', 'x', 'h', 'o', '/', 'c', 'r', 'k']) {
        await page.keyboard.press(key);
        await passesAxe(page, rules);
        await page.keyboard.press('Escape');
        await page.waitForTimeout(200);
      }
    });
  }
});

test('the club that is called is marked as trusted, stays so, and the why says what is equally good', async ({
  page,
}) => {
  // A player of its own: the mark moves this player's calls.
  const added = await page.request.post('/api/players', {
    data: {
      name: 'Wanda Sand',
      handed: 'left',
      skill: 'middle',
      bag: ['60', '56', '52'].map((name) => ({ name, type: 'wedge', loft_deg: Number(name) })),
    },
  });
  const { id } = (await added.json()) as { id: string };
  await openDesk(page, `?player=${id}&pin_yd=16`);
  const mark = page.getByRole('button', { name: /^Make the \w+ the favourite$/ });
  const [, club] = /the (\w+) the/.exec(await mark.innerText())!;
  await mark.click();
  const marked = page.getByRole('button', { name: `Favourite from sand: the ${club}` });
  await expect(marked).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await settled(page);
  await expect(marked).toBeVisible();
  await marked.click();
  await expect(mark).toBeVisible();
});
