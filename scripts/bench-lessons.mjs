/* Lessons on a server with fifty thousand balls: acknowledgements at twenty balls a second for a minute, and how a review of
 * five thousand balls follows its filters in the real browser. */
import { readFileSync } from 'node:fs';
import { printRows, served } from './served.mjs';

const EVERY_MS = 50;
const SENT = 1200;
const FULL = '00000000-0000-4000-8900-000000000000';
const EMPTY = '00000000-0000-4000-8901-000000000000';

const quantile = (values, q) =>
  [...values].sort((a, b) => a - b)[Math.floor(q * (values.length - 1))];

/** Sends a ball twenty times a second, whether or not the last was acknowledged; times to the acknowledgement, ms. */
async function acknowledged(base, lesson, sample, count) {
  const times = [];
  const send = async () => {
    const ball = { ...sample, id: crypto.randomUUID() };
    const start = performance.now();
    const response = await fetch(`${base}/api/lessons/${lesson}/balls`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ balls: [ball] }),
    });
    const { saved } = await response.json();
    if (saved?.[0] !== ball.id) throw new Error('a ball was not acknowledged');
    times.push(performance.now() - start);
  };
  const sending = [];
  const begin = performance.now();
  for (let i = 0; i < count; i++) {
    const wait = begin + i * EVERY_MS - performance.now();
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
    sending.push(send());
  }
  await Promise.all(sending);
  return times;
}

const DEVICES = 40;
const WATCHED = 60;

/** Reads a line of server-sent events, and calls back for each. */
async function listen(url, signal, heard) {
  const { body } = await fetch(url, { signal });
  const text = new TextDecoder();
  try {
    for await (const part of body) if (/^data:/m.test(text.decode(part))) heard();
  } catch (error) {
    if (error.name !== 'AbortError') throw error;
  }
}

/**
 * Sends balls while devices watch the lesson, each asking for what was touched as soon as it is told; times from the sending of a ball
 * until a device has it, ms, for every ball and device.
 */
async function heardBy(base, lesson, sample, devices, count) {
  const sent = new Map();
  const times = [];
  const end = new AbortController();
  const lines = Array.from({ length: devices }, () => {
    let last = 0;
    let asking = Promise.resolve();
    const look = async () => {
      const url = `${base}/api/lessons/${lesson}/balls?touched_after=${last}`;
      for (const { id, touched } of await (await fetch(url)).json()) {
        last = Math.max(last, touched);
        if (sent.has(id)) times.push(performance.now() - sent.get(id));
      }
    };
    return listen(`${base}/api/lessons/${lesson}/events`, end.signal, () => {
      asking = asking.then(look);
    });
  });
  await new Promise((resolve) => setTimeout(resolve, 3000));
  for (let i = 0; i < count; i++) {
    const ball = { ...sample, id: crypto.randomUUID() };
    sent.set(ball.id, performance.now());
    await fetch(`${base}/api/lessons/${lesson}/balls`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ balls: [ball] }),
    });
    await new Promise((resolve) =>
      setTimeout(resolve, 1000 - (performance.now() - sent.get(ball.id))),
    );
  }
  await new Promise((resolve) => setTimeout(resolve, 3000));
  end.abort();
  await Promise.all(lines);
  if (times.length !== devices * count)
    throw new Error(`${times.length} balls were heard of, not all`);
  return times;
}

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

/** Changes the filters of the review, and gives the time to the next painted frame after each change, ms. */
async function filtered(page) {
  const times = [];
  for (const [label, value] of [
    ['Station', '1'],
    ['Station', 'all'],
    ['Side by side', 'stations'],
    ['Side by side', 'players'],
    ['Side by side', 'halves'],
    ['Station', '0'],
    ['Station', 'all'],
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
    await page.getByRole('combobox', { name: label, exact: true }).selectOption(value);
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
    await page.getByRole('img', { name: /finishes about the flag/ }).waitFor();
    const opened = performance.now() - start;
    await page.getByRole('table', { name: 'What would change' }).waitFor();
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
