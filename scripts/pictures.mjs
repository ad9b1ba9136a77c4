/* npm run pictures [-- NAME ...]: refreshes docs/screenshots from the demo data, all or those named. Needs a build; uses a
   throw-away data folder. */
import { served } from './served.mjs';

const LESSON = '/lessons/5a17a0e5-0000-4000-8000-000000000001';
const GROUND = '/ground/5a17a0e5-0000-4000-8000-0000000000d1';
const phone = { width: 390, height: 844 };
const desk = { width: 1280, height: 800 };

/** Name of the file, what to open, and what to do there. */
const VIEWS = [
  {
    name: 'desk',
    open: '/',
    size: desk,
    act: (page) => page.getByText(/^checking when/).waitFor({ state: 'hidden', timeout: 120_000 }),
  },
  {
    name: 'desk-dusk-left-hander',
    open: '/?player=tomas-reinholt&pin_yd=13&edge_yd=9&back_yd=26&lip.height_ft=6&lip.distance_ft=10&sand.preset=soft&green.stimp_ft=10',
    size: desk,
    act: async (page) => {
      await page.getByRole('button', { name: 'Dusk theme' }).click();
      await page.keyboard.press('u');
      await page.waitForTimeout(4000);
    },
  },
  { name: 'desk-phone', open: '/', size: phone },
  {
    name: 'desk-plugged-up-slope',
    open: '/?player=jun-akagawa&pin_yd=13&edge_yd=8&back_yd=26&lip.height_ft=4&lip.distance_ft=8&lie=plugged&slope.along_deg=12&green.stimp_ft=11&wind.speed_mps=4&wind.from_deg=0',
    size: desk,
    act: (page) => page.waitForTimeout(4000),
  },
  {
    name: 'call-map',
    open: '/?player=ines-okafor',
    size: desk,
    act: async (page) => {
      await page.keyboard.press('m');
      await page.getByText('every position checked').waitFor({ timeout: 400_000 });
    },
  },
  {
    name: 'by-hand',
    open: '/?player=ines-okafor',
    size: desk,
    act: async (page) => {
      await page.keyboard.press('h');
      await page.getByLabel('Face, open', { exact: true }).fill('10');
      await page.waitForTimeout(1000);
    },
  },
  {
    name: 'ground',
    open: `${GROUND}?ball=-4.5,1&lie=plugged&flag=green/middle`,
    size: desk,
    ready: (page) => page.getByTestId('rose').waitFor(),
    act: (page) => page.waitForTimeout(9000),
  },
  {
    name: 'ground-field',
    open: `${GROUND}?ball=2,0.5&flag=green/middle`,
    size: desk,
    ready: (page) => page.getByTestId('rose').waitFor(),
    act: async (page) => {
      await page.getByRole('button', { name: 'Show it on the plan' }).click();
      await page
        .getByRole('progressbar', { name: 'Looking at every place' })
        .waitFor({ state: 'hidden', timeout: 300_000 });
      await page.getByRole('slider', { name: /^Ball in/ }).hover();
      for (let i = 0; i < 3; i++) await page.mouse.wheel(0, -100);
      await page.waitForTimeout(1000);
    },
  },
  {
    name: 'ground-phone',
    open: `${GROUND}?player=tomas-reinholt`,
    size: phone,
    ready: (page) => page.getByTestId('rose').waitFor(),
    act: (page) => page.waitForTimeout(9000),
  },
  {
    name: 'bunker-book',
    open: `${GROUND}/book`,
    size: desk,
    ready: (page) =>
      page
        .getByText(/strokes to hole out/)
        .nth(2)
        .waitFor(),
    act: (page) => page.waitForTimeout(500),
  },
  {
    name: 'practice',
    open: '/practice/5a17a0e5-0000-4000-8000-0000000000a1',
    size: desk,
    ready: (page) => page.getByRole('heading', { name: '4 sessions' }).waitFor(),
    act: (page) => page.waitForTimeout(800),
  },
  {
    name: 'bunker-test',
    open: '/practice/tests/5a17a0e5-0000-4000-8000-0000000000b2',
    size: desk,
    ready: (page) => page.getByRole('heading', { name: /points$/ }).waitFor(),
    act: (page) => page.waitForTimeout(1500),
  },
  {
    name: 'eye',
    open: '/practice/eye/ines-okafor?round=3&level=4',
    size: desk,
    ready: (page) => page.getByText('scene 1 of 10').waitFor(),
    act: (page) => page.waitForTimeout(800),
  },
  {
    name: 'players',
    open: '/players',
    size: desk,
    ready: (page) => page.getByRole('table').waitFor(),
  },
  {
    name: 'player',
    open: '/players/ines-okafor',
    size: { width: 1280, height: 1600 },
    ready: (page) => page.waitForTimeout(4000),
  },
  {
    name: 'lesson-plan',
    open: `${LESSON}/plan`,
    size: { width: 1280, height: 1150 },
    ready: (page) => page.getByRole('table').waitFor(),
  },
  {
    name: 'lesson-at-the-bunker-phone',
    open: LESSON,
    size: phone,
    ready: (page) => page.getByTestId('script').waitFor(),
    act: async (page) => {
      await page.getByRole('slider', { name: 'Entry point' }).press('ArrowLeft');
      await page.getByRole('slider', { name: 'Where the ball finished' }).press('ArrowDown');
    },
  },
  {
    name: 'lesson-review',
    open: `${LESSON}/review`,
    size: { width: 1280, height: 1700 },
    ready: (page) => page.getByRole('table', { name: 'What would change' }).waitFor(),
    act: (page) => page.waitForTimeout(3000),
  },
  {
    name: 'card',
    open: '/card?player=ines-okafor&pin_yd=18&edge_yd=11&back_yd=30&lip.height_ft=3&lip.distance_ft=8&lie=clean&sand.preset=medium&green.stimp_ft=10',
    size: { width: 900, height: 1180 },
    ready: (page) => page.getByTestId('script').waitFor(),
  },
];

const wanted = process.argv.slice(2);
const unknown = wanted.filter((name) => !VIEWS.some((view) => view.name === name));
if (unknown.length > 0) {
  console.error(
    `No such picture: ${unknown.join(', ')}. There are ${VIEWS.map(({ name }) => name).join(', ')}.`,
  );
  process.exit(2);
}

await served('3218', async (base, browser) => {
  for (const { name, open, size, act, ready } of VIEWS) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const page = await browser.newPage({ viewport: size });
    await page.goto(base + open);
    if (ready) await ready(page);
    else {
      const settled = page.getByRole('status').filter({ hasText: 'First call' });
      await settled.waitFor({ state: 'attached' });
    }
    await act?.(page);
    await page.waitForTimeout(600);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    await page.close();
    console.log(`docs/screenshots/${name}.png`);
  }
});
