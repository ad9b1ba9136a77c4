import { readFileSync } from 'node:fs';
import { deflateSync, crc32 } from 'node:zlib';
import { expect, test, type Page } from './test';
import { fitsAcross, passesAxe, settled, token } from './helpers';

const DEMO = '/ground/5a17a0e5-0000-4000-8000-0000000000d1';

/** Twelve sides as a coach writes them down: paces, direction, lip in feet. */
const WALK = `4 350 1
4 20 2
4 50 4
3 80 5
4 95 5
4 120 3
4 160 1.5
4 200 1
4 230 1
3 255 0.5
4 280 0.5
4 300 0.5`;

const saved = (page: Page) => page.getByText('All changes saved');

const ways = (page: Page) => page.getByRole('region', { name: 'Ways out' });

async function newGround(page: Page): Promise<void> {
  await page.goto('/ground');
  await page.getByRole('button', { name: 'Draw new ground' }).click();
  await expect(page.getByRole('button', { name: 'Walk round a bunker' })).toBeVisible();
}

test('twelve pacings make a bunker in under two minutes, and a plugged ball under its face has a rose and a call', async ({
  page,
}) => {
  const start = Date.now();
  await newGround(page);
  await page.getByLabel('Name of the ground').fill('Behind the sheds');
  await page.getByRole('button', { name: 'Walk round a bunker' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Shed bunker');
  await dialog.getByLabel(/^Sides/).fill(`${WALK}\nfar left`);
  await expect(dialog.getByRole('alert')).toContainText('Line 13 must be paces');
  await dialog.getByLabel(/^Sides/).fill(WALK);
  await expect(dialog.getByRole('status')).toContainText('The miss is spread over the sides');
  await dialog.getByRole('button', { name: 'Add this bunker' }).click();
  await expect(page.getByRole('heading', { name: 'Shed bunker' })).toBeVisible();
  await page.getByRole('button', { name: 'Add a green' }).click();
  await expect(saved(page)).toBeVisible();
  expect(Date.now() - start).toBeLessThan(120_000);

  await page.getByRole('radio', { name: 'Play' }).click();
  await page.getByLabel('Lie').selectOption('plugged');
  const ball = page.getByRole('slider', { name: 'Ball in Shed bunker' });
  await ball.focus();
  for (let i = 0; i < 30; i++) await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('rose')).toBeVisible();
  await expect(ways(page).getByRole('listitem').first()).toContainText(
    /out (about|nearly|hardly|.*\d)/,
  );
  // So close under the face nothing is worth trying; a step back something is.
  await expect(page.getByRole('region', { name: 'Call' })).not.toContainText('Working it out');
  // The ball stays in the sand, as far as it may go.
  const at = await ball.getAttribute('aria-valuetext');
  await ball.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  expect(await ball.getAttribute('aria-valuetext')).toBe(at);
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('region', { name: 'Call' })).toContainText('strokes to hole out');
  const back = await ball.getAttribute('aria-valuetext');
  await expect(page).toHaveURL(/ball=/);
  await page.waitForTimeout(500);
  await page.reload();
  await expect(page.getByRole('slider', { name: 'Ball in Shed bunker' })).toHaveAttribute(
    'aria-valuetext',
    back!,
  );
  await expect(page.getByLabel('Lie')).toHaveValue('plugged');
});

test('any direction of the rose is read by its slider, and the ways out are what the desk says of them', async ({
  page,
}) => {
  await page.goto(`${DEMO}?ball=-4.5,1&flag=green/middle&player=ines-okafor`);
  await expect(page.getByRole('progressbar', { name: 'Looking at every direction' })).toBeHidden();
  await page.getByLabel('Any direction').focus();
  await page.keyboard.press('Home');
  await expect(ways(page)).toContainText(/the lip needs \d+° of launch/);
  await expect(page.getByRole('region', { name: 'Call' })).toContainText('strokes');
  const called = await page.getByRole('region', { name: 'Call' }).locator('p').first().innerText();
  await page.getByRole('link', { name: 'Open at the desk' }).click();
  await settled(page);
  await expect(page.getByRole('status').filter({ hasText: /^First call/ })).toContainText(called);
  await expect(page.getByText('taken from Front bunker, Saltmarsh practice ground')).toBeVisible();
  const lip = token(page, 'Lip');
  await expect(lip).toHaveAccessibleName(/from the ground/);
  await page.keyboard.press('l');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Escape');
  await expect(lip).not.toHaveAccessibleName(/from the ground/);
  await expect(token(page, 'Distance to the flag')).toHaveAccessibleName(/from the ground/);
  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await expect(page.getByRole('slider', { name: 'Ball in Front bunker' })).toHaveAttribute(
    'aria-valuetext',
    '-4.9\u00a0yd east, 1.1\u00a0yd north',
  );
});

test('what cannot be drawn is put back and said; what was drawn is undone and done again', async ({
  page,
}) => {
  await newGround(page);
  await page.getByRole('button', { name: 'Add a bunker' }).click();
  await expect(saved(page)).toBeVisible();
  const corner = page.getByRole('slider', { name: 'Corner 1 of Bunker 1' });
  const before = await corner.getAttribute('aria-valuetext');
  const from = (await corner.boundingBox())!;
  const to = (await page.getByRole('slider', { name: 'Corner 6 of Bunker 1' }).boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x - 60, to.y + to.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText(/must not cross itself.*It was put back/)).toBeVisible();
  await expect(corner).toHaveAttribute('aria-valuetext', before!);
  await corner.focus();
  await page.keyboard.press('ArrowRight');
  await expect(corner).not.toHaveAttribute('aria-valuetext', before!);
  await page.getByLabel('Lip height').fill('4');
  await expect(page.getByText('Lip at corner 1')).toBeVisible();
  await page.getByLabel('Lip height').fill('99');
  await expect(page.getByRole('alert').filter({ hasText: 'Lip height must be' })).toBeVisible();
  await page
    .getByRole('button', { name: 'Add a corner after corner 1', exact: true })
    .press('Enter');
  await expect(page.getByRole('slider', { name: 'Corner 11 of Bunker 1' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('slider', { name: 'Corner 11 of Bunker 1' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(page.getByRole('slider', { name: 'Corner 11 of Bunker 1' })).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('ground that was changed on another device is not overwritten: both are there to be chosen', async ({
  page,
  context,
}) => {
  await newGround(page);
  await page.getByRole('button', { name: 'Add a bunker' }).click();
  await expect(saved(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('Name of the ground').fill('From the phone');
  await expect(saved(other)).toBeVisible();
  await page.getByLabel('Name of the ground').fill('From the desk');
  await expect(page.getByText('changed on another device')).toBeVisible();
  await page.getByRole('button', { name: 'Show the other version' }).click();
  await expect(page.getByLabel('Name of the ground')).toHaveValue('From the phone');
  await other.close();
});

test('four stations on the ground make a lesson that keeps apart who plays across each other', async ({
  page,
}) => {
  await page.goto('/lessons/5a17a0e5-0000-4000-8000-000000000004/plan');
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Remove station 1' }).click();
  await page.getByRole('button', { name: 'Stations on your ground' }).click();
  const dialog = page.getByRole('dialog');
  // Other tests draw ground of their own.
  await expect(dialog.getByText('Press the sand where you want a ball.')).toBeVisible();
  const places = dialog.getByLabel('Ground', { exact: true });
  if (await places.isVisible()) await places.selectOption('5a17a0e5-0000-4000-8000-0000000000d1');
  await dialog.getByRole('button', { name: 'Put one in the middle of Front bunker' }).click();
  const plan = dialog.getByRole('group', { name: /^Plan of Saltmarsh/ });
  const press = async (name: string, aside = 0): Promise<void> => {
    // Just above the name of a bunker lies its sand.
    const label = (await plan.getByText(name, { exact: true }).boundingBox())!;
    await page.mouse.click(label.x + label.width / 2 + aside, label.y - 34);
  };
  await press('Pot bunker');
  await press('Long bunker');
  await expect(dialog.getByRole('listitem')).toHaveCount(3);
  // A fourth beside the first, moved on by keys.
  await press('Front bunker', 40);
  await expect(dialog.getByRole('listitem')).toHaveCount(4);
  await dialog.getByRole('slider', { name: 'Ball of station 4' }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await dialog.getByLabel('Lie').nth(3).selectOption('plugged');
  await expect(dialog.getByRole('status').last()).toContainText(
    'the timetable keeps them apart: 1 and 2',
  );
  await dialog.getByRole('button', { name: 'Add 4 stations' }).click();
  await expect(page.getByLabel('Station 4', { exact: true })).toHaveValue(/Front bunker, plugged/);
  await page.getByRole('button', { name: 'Save and start logging' }).click();
  await expect(page.getByTestId('true-ground').first()).toBeVisible();
  await expect(page.getByRole('radio', { name: /^4\. Front bunker, plugged/ })).toBeVisible();
});

test('ground goes out as GeoJSON and comes back as it was; files that are none are refused by name', async ({
  page,
}) => {
  const file = await (
    await page.request.get(`/api/places/5a17a0e5-0000-4000-8000-0000000000d1/export`)
  ).body();
  await page.goto('/ground');
  const choose = page.getByLabel('Import GeoJSON');
  await choose.setInputFiles({ name: 'x.geojson', mimeType: 'application/geo+json', buffer: file });
  await expect(page.getByLabel('Name of the ground')).toHaveValue('Saltmarsh practice ground');
  const id = /ground\/([^/?]+)/.exec(page.url())![1]!;
  const places = (await (await page.request.get('/api/places')).json()) as {
    id: string;
    place: object;
  }[];
  const [one, other] = [id, '5a17a0e5-0000-4000-8000-0000000000d1'].map(
    (each) => places.find((place) => place.id === each)!.place,
  );
  expect(one).toEqual(other);
  // Under a name of its own: the demo's is others' as well.
  const name = `Brought in ${id}`;
  await page.getByLabel('Name of the ground').fill(name);
  await expect(saved(page)).toBeVisible();
  await page.goto('/ground');
  await choose.setInputFiles({
    name: 'y.geojson',
    mimeType: 'application/geo+json',
    buffer: Buffer.from(
      '{"type":"FeatureCollection","features":[{"type":"Feature","geometry":{"type":"Point","coordinates":[0,0]},"properties":{"kind":"tee"}}]}',
    ),
  });
  await expect(
    page.getByText('features[0]: properties.kind must be one of bunker, green'),
  ).toBeVisible();
  const remove = page.getByRole('button', { name: `Delete ${name}` });
  await remove.click();
  await expect(remove).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(remove).toHaveCount(1);
  await page.request.delete(`/api/places/${id}`);
});

test('a rangefinder and a sand probe are listened to, and make a bunker with its sand', async ({
  page,
}) => {
  await newGround(page);
  await page.getByText('Rangefinder and sand probe').click();
  await page.getByRole('button', { name: 'Create a device key' }).click();
  const key = await page.locator('code.select-all').innerText();
  await page.getByRole('button', { name: 'Listen to devices' }).click();
  await expect(page.getByText('Rangefinder and sand probe: listening')).toBeVisible();
  const line = (n: number, bearing_deg: number) =>
    JSON.stringify({
      format: 'mellow-divot/sighting',
      version: 1,
      id: `7a17a0e5-0000-4000-8000-00000000000${n}`,
      bearing_deg,
      slope_deg: 0,
      distance_m: 12,
    });
  const post = (data: string, bearer = key) =>
    page.request.post('/api/tracker/measures', {
      headers: { authorization: `Bearer ${bearer}`, 'content-type': 'application/x-ndjson' },
      data,
    });
  expect((await post(line(1, 10), 'wrong')).status()).toBe(401);
  const answers = (
    await (
      await post(
        [
          line(1, 10),
          line(2, 40),
          '{"format":1}',
          line(3, 25).replace('12', '20'),
          line(1, 10),
        ].join('\n'),
      )
    ).text()
  )
    .trim()
    .split('\n');
  expect(answers.map((answer) => Object.keys(JSON.parse(answer) as object)[0])).toEqual([
    'saved',
    'saved',
    'error',
    'saved',
    'saved',
  ]);
  await expect(page.getByText('3 sightings, no drops.')).toBeVisible();
  await page.getByRole('button', { name: 'Add a bunker of 3 corners' }).click();
  await expect(page.getByText('sighted with a rangefinder')).toBeVisible();
  await page.getByRole('button', { name: 'Simulate a survey' }).click();
  await page.getByRole('button', { name: /^Use firmness \d+ for Bunker 1/ }).click();
  await expect(page.getByText(/: medium, firmness \d+ of 100.*simulated/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

/** A plain PNG of so many pixels. */
function png(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const size = Buffer.alloc(4);
    size.writeUInt32BE(data.length);
    const check = Buffer.alloc(4);
    check.writeUInt32BE(crc32(body));
    return Buffer.concat([size, body, check]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  const rows = Buffer.alloc((width + 1) * height, 120);
  for (let row = 0; row < height; row++) rows[row * (width + 1)] = 0;
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

test('a picture of the ground is laid on the plan by two of its points; what is no picture is refused', async ({
  page,
}) => {
  await newGround(page);
  const choose = page.getByLabel('Trace a picture');
  await choose.setInputFiles({
    name: 'a.png',
    mimeType: 'image/png',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText('must be a PNG or JPEG picture')).toBeVisible();
  const whole = png(200, 120);
  const cut = whole.subarray(0, 33);
  await choose.setInputFiles({ name: 'cut.png', mimeType: 'image/png', buffer: cut });
  await expect(page.getByText('is cut short')).toBeVisible();
  await choose.setInputFiles({ name: 'b.png', mimeType: 'image/png', buffer: whole });
  const dialog = page.getByRole('dialog', { name: 'Scale the picture' });
  const picture = dialog.getByRole('img');
  const box = (await picture.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.45, box.y + box.height * 0.5);
  await page.mouse.click(box.x + box.width * 0.55, box.y + box.height * 0.5);
  await dialog.getByLabel('Distance between them').fill('30');
  await dialog.getByRole('button', { name: 'Lay it on the plan' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.locator('svg image')).toHaveCount(1);
  await page.getByRole('button', { name: 'Remove it' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Remove it' }).click();
  await expect(page.locator('svg image')).toHaveCount(0);
});

test('what a ball costs over a bunker fills, can be stopped, and weighs where balls rest', async ({
  page,
}) => {
  await page.goto(`${DEMO}?ball=16.6,12.4&flag=green/middle`);
  await page.getByRole('button', { name: 'Show it on the plan' }).click();
  await expect(page.getByTestId('field')).toBeVisible();
  await expect(page.getByText(/^A visit costs \d\.\d\d strokes/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).last().click();
  await expect(page.getByRole('progressbar', { name: 'Looking at every place' })).toBeHidden();
  await expect(page.getByText('1 place where balls often end up')).toBeVisible();
});

test('the bunker book has every bunker, on the page and as a PDF', async ({ page }) => {
  await page.goto(`${DEMO}/book`);
  await expect(page.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByText(/^about \d\.\d strokes to hole out/)).toHaveCount(3);
  await passesAxe(page);
  const href = await page.getByRole('link', { name: 'Open as PDF' }).getAttribute('href');
  const pdf = await page.request.get(href!);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('the audit takes the bunkers of drawn ground as its mix', async ({ page }) => {
  await page.goto('/players/ines-okafor');
  const mix = page.getByLabel('Mix of bunker shots');
  await mix.selectOption({ label: 'the bunkers of Saltmarsh practice ground' });
  await expect(mix).toHaveValue(/^ground:/);
});

for (const [theme, viewport] of [
  ['light', { width: 1280, height: 800 }],
  ['dusk', { width: 390, height: 844 }],
] as const) {
  test(`the ground passes axe in the ${theme} theme at ${viewport.width} px, played and drawn`, async ({
    page,
    context,
    baseURL,
  }) => {
    await context.addCookies([{ name: 'mellow-theme', value: theme, url: baseURL! }]);
    await page.setViewportSize(viewport);
    await page.goto('/ground');
    await expect(
      page.getByRole('link', { name: /Saltmarsh practice ground/ }).first(),
    ).toBeVisible();
    await passesAxe(page);
    await page.goto(DEMO);
    await expect(page.getByTestId('rose')).toBeVisible();
    await passesAxe(page);
    await fitsAcross(page);
    await page.getByRole('radio', { name: 'Draw' }).click();
    await page.getByRole('button', { name: 'Pot bunker', exact: true }).click();
    await passesAxe(page);
    await fitsAcross(page);
  });
}

test('holes and sand are noted day by day: what is cut is played at, what was felt is played from', async ({
  page,
}) => {
  await newGround(page);
  await page.getByRole('button', { name: 'Add a bunker' }).click();
  await page.getByRole('button', { name: 'Add a green' }).click();
  await page.getByRole('button', { name: 'Add a flag' }).click();
  await page.getByLabel('Name of flag 2').fill('Sunday');
  await page.getByRole('slider', { name: 'Flag Sunday' }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowUp');
  await page.getByLabel('Flag', { exact: true }).selectOption('Sunday');
  await expect(page.getByText(/^From .*: Sunday$/)).toBeVisible();
  await page.getByRole('button', { name: 'Bunker 1', exact: true }).click();
  await page.getByLabel('Dry crust over packed, wet sand').check();
  await page.getByLabel('Moisture').fill('30');
  await page.getByRole('button', { name: 'Add a spot with a depth of its own' }).click();
  await page.getByRole('textbox', { name: 'Depth at spot 1' }).fill('1');
  await page.getByRole('slider', { name: 'Place of depth spot 1' }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/a dry crust over wet, moisture 30 of 100, 1.in deep/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Flag', { exact: true })).toHaveValue(/flag-2$/);
  await expect(page.getByLabel('Flag', { exact: true })).toContainText(
    'Sunday, Green 1 (cut today)',
  );
  await page.getByRole('link', { name: 'Open at the desk' }).click();
  await settled(page);
  await expect(token(page, 'Sand')).toContainText('dry sand over a packed base');
  await expect(token(page, 'Sand')).toContainText('wetness 0.3');
});

test('corners that lie close together are moved one after the other by buttons', async ({
  page,
}) => {
  await newGround(page);
  await page.getByRole('button', { name: 'Add a bunker' }).click();
  const bar = page.getByRole('group', { name: 'Corners' });
  await bar.getByRole('button', { name: 'Next corner' }).click();
  await bar.getByRole('button', { name: 'Next corner' }).click();
  await expect(bar).toContainText('Corner 2 of 10');
  const corner = page.getByRole('slider', { name: 'Corner 2 of Bunker 1' });
  const east = async (): Promise<number> => Number((await corner.getAttribute('aria-valuenow'))!);
  const before = await east();
  await bar.getByRole('button', { name: 'Move the corner east' }).click();
  await expect.poll(east).toBeCloseTo(before + 0.1, 5);
  await bar.getByRole('button', { name: 'Add a corner after it' }).click();
  await expect(bar).toContainText('Corner 3 of 11');
  await bar.getByRole('button', { name: 'Delete the corner' }).click();
  await expect(bar).toContainText('10 corners');
  await bar.getByRole('button', { name: 'Previous corner' }).click();
  await expect(bar).toContainText('Corner 10 of 10');
  // Far away the handles lie close together, and none over another.
  for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Zoom out' }).click();
  const handles = await page.getByRole('slider', { name: /^Corner/ }).all();
  const circles = await Promise.all(
    handles.map((each) =>
      each
        .locator('circle')
        .first()
        .evaluate((circle) => {
          const { x, y, width } = circle.getBoundingClientRect();
          return { x: x + width / 2, y: y + width / 2, r: width / 2 };
        }),
    ),
  );
  circles.forEach((a, i) =>
    circles.slice(0, i).forEach((b) => {
      expect(a.r + b.r).toBeLessThanOrEqual(Math.hypot(a.x - b.x, a.y - b.y) + 0.5);
    }),
  );
});

test('plan and section are saved as pictures, the ground as data, from one menu', async ({
  page,
}) => {
  await page.goto(DEMO);
  await expect(page.getByRole('region', { name: 'Call' })).toContainText('strokes to hole out');
  const savedAs = async (name: string): Promise<string> => {
    await page.getByRole('button', { name: 'Save as' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name }).click(),
    ]);
    return readFileSync(await file.path(), 'latin1');
  };
  for (const name of ['The plan as SVG', 'The section as SVG']) {
    const svg = await savedAs(name);
    expect(svg).toMatch(/^<svg /);
    expect(svg).not.toMatch(/var\(|NaN|role="slider"/);
    expect(svg.length).toBeGreaterThan(2000);
  }
  for (const name of ['The plan as PNG', 'The section as PNG']) {
    expect(await savedAs(name)).toMatch(/^.PNG/);
  }
  expect(JSON.parse(await savedAs('The ground as GeoJSON'))).toMatchObject({
    type: 'FeatureCollection',
  });
  expect(await savedAs('Its corners as CSV')).toContain('Front bunker');
});
