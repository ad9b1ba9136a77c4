/* Lessons on a server with fifty thousand balls: acknowledgements at twenty balls a second for a minute, and how a review of
 * five thousand balls follows its filters in the real browser. */
import { readFileSync } from 'node:fs';
import { acknowledged, heardBy, quantile } from './bench-balls.mjs';
import { isSmall, printRows, served } from './served.mjs';

const SENT = isSmall ? 20 : 1200;
const FULL = '00000000-0000-4000-8900-000000000000';
const EMPTY = '00000000-0000-4000-8901-000000000000';

const DEVICES = isSmall ? 3 : 40;
const WATCHED = isSmall ? 5 : 60;

/** Times of an answer that asks the database for next to nothing, ms. */
async function plainAnswers(base, count) {
  const times = [];
  for (let i = 0; i < count; i++) {
    const start = performance.now();
    await (await fetch(`${base}/api/academy`)).text();
    times.push(performance.now() - start);
  }
  return times;
}

/** Times of plain answers while thirty prescriptions and ten PDFs are wanted at once, ms. */
async function answersUnderLoad(base) {
  const situation = readFileSync('examples/greenside.json', 'utf8');
  const headers = { 'content-type': 'application/json' };
  const heavy = [
    ...Array.from({ length: 30 }, () =>
      fetch(`${base}/api/prescribe`, { method: 'POST', headers, body: situation }),
    ),
    ...Array.from({ length: 10 }, () => fetch(`${base}/lessons/${FULL}/pdf`)),
  ].map((asked) => asked.then((response) => response.arrayBuffer()));
  let busy = true;
  const done = Promise.allSettled(heavy).then(() => (busy = false));
  const times = [];
  while (busy) times.push(...(await plainAnswers(base, 1)));
  await done;
  return times;
}

/** The choices of a review, by what can be chosen: their words may change. */
const STATION = 'select:has(option[value="0"])';
const COMPARED = 'select:has(option[value="halves"])';

/** Changes the filters of the review, and gives the time to the next painted frame after each change, ms. */
async function filtered(page) {
  const times = [];
  for (const [choice, value] of [
    [STATION, '1'],
    [STATION, 'all'],
    [COMPARED, 'stations'],
    [COMPARED, 'players'],
    [COMPARED, 'halves'],
    [STATION, '0'],
    [STATION, 'all'],
  ]) {
    await page.evaluate(() => {
      document.addEventListener(
        'input',
        () => {
          const start = performance.now();
          requestAnimationFrame(() =>
            setTimeout(() => (window.__painted = performance.now() - start), 0),
          );
        },
        { capture: true, once: true },
      );
      window.__painted = null;
    });
    await page.locator(choice).first().selectOption(value);
    await page.waitForFunction(() => window.__painted !== null);
    times.push(await page.evaluate(() => window.__painted));
    await page.waitForTimeout(1500);
  }
  return times;
}

await served(
  '3220',
  async (base, browser) => {
    const [sample] = await (await fetch(`${base}/api/lessons/${FULL}/balls?after=4999`)).json();
    delete sample.seq;
    delete sample.touched;
    await acknowledged(base, EMPTY, sample, 40);
    const plain = await plainAnswers(base, 200);
    const loaded = await answersUnderLoad(base);
    const times = await acknowledged(base, EMPTY, sample, SENT);
    const heard = await heardBy(base, EMPTY, sample, DEVICES, WATCHED);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const start = performance.now();
    await page.goto(`${base}/lessons/${FULL}/review`);
    await page.getByTestId('ring').first().waitFor();
    const opened = performance.now() - start;
    await page.getByTestId('moves').waitFor();
    const views = await filtered(page);
    printRows([
      [
        'ball acknowledged, 20 a second, 50,000 stored: middle, ms',
        quantile(times, 0.5).toFixed(1),
        '',
      ],
      ['  99 in a hundred within, ms', quantile(times, 0.99).toFixed(1), 'aim 30'],
      ['  slowest of a minute, ms', Math.max(...times).toFixed(1), ''],
      [
        '  middle over a plain answer',
        (quantile(times, 0.5) / quantile(plain, 0.5)).toFixed(2),
        '',
      ],
      [
        'plain answers under 30 prescriptions and ten PDFs: 99 in 100, ms',
        quantile(loaded, 0.99).toFixed(1),
        'aim 50',
      ],
      [`a ball at each of ${DEVICES} devices: 99 in 100, ms`, quantile(heard, 0.99).toFixed(0), ''],
      ['  the last of all, ms', Math.max(...heard).toFixed(0), 'aim 1000'],
      ['review of 5,000 balls opened, ms', opened.toFixed(0), ''],
      [
        '  a filter changed, to the next frame: middle, ms',
        quantile(views, 0.5).toFixed(0),
        'aim 100',
      ],
      ['  slowest, ms', Math.max(...views).toFixed(0), ''],
    ]);
  },
  'src/demo/benchLessons.ts',
);
