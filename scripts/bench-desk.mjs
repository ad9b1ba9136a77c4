/* The desk in the real browser: frames while a handle is dragged, odds after release, script over a bare page. */
import { gzipSync } from 'node:zlib';
import { printRows, served } from './served.mjs';

const desk =
  '/?player=ines-okafor&pin_yd=18&edge_yd=11&back_yd=30&lip.height_ft=3&lip.distance_ft=8&lie=clean&sand.preset=medium';

/** Gzipped bytes of the scripts that a page asks for at once. */
async function scriptBytes(base, url) {
  const html = await (await fetch(base + url)).text();
  const files = new Set([...html.matchAll(/<script[^>]+src="([^"]+\.js[^"]*)"/g)].map((m) => m[1]));
  let bytes = 0;
  for (const file of files) {
    bytes += gzipSync(Buffer.from(await (await fetch(base + file)).arrayBuffer())).length;
  }
  return bytes;
}

/** Times between frames, ms, and how many frames the first flight took to follow each move. */
const record = () => {
  const flight = () =>
    document.querySelector('path[stroke="var(--call-1)"][fill="none"][stroke-width="3.5"]');
  const seen = { frames: [], lags: [], moved: null, last: performance.now(), on: true };
  window.__seen = seen;
  let before = flight()?.getAttribute('d');
  document.addEventListener('pointermove', () => (seen.moved = 0), { capture: true });
  const tick = (now) => {
    if (!seen.on) return;
    seen.frames.push(now - seen.last);
    seen.last = now;
    const d = flight()?.getAttribute('d');
    if (seen.moved !== null) {
      if (d !== before) {
        seen.lags.push(seen.moved);
        seen.moved = null;
      } else seen.moved += 1;
    }
    before = d;
    requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
};

const share = (values, holds) => values.filter(holds).length / Math.max(1, values.length);
const percent = (value) => `${(100 * value).toFixed(1)} %`;
const quantile = (values, q) =>
  [...values].sort((a, b) => a - b)[Math.floor(q * (values.length - 1))];

await served('3219', async (base, browser) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base + desk);
  const settled = page.getByRole('status').filter({ hasText: /^First call/ });
  await settled.waitFor({ state: 'attached' });
  await page.waitForTimeout(4000);
  const cdp = await page.context().newCDPSession(page);

  /** Drags the flag to and fro for a while and gives back what was recorded. */
  async function drag(moves) {
    const box = await page.getByRole('slider', { name: 'Flag' }).boundingBox();
    const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    await page.evaluate(record);
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    for (let i = 1; i <= moves; i++) {
      await page.mouse.move(at.x + 90 * Math.sin(i / 9), at.y);
      await page.waitForTimeout(16);
    }
    const seen = await page.evaluate(() => {
      window.__seen.on = false;
      return window.__seen;
    });
    const released = performance.now();
    await page.mouse.up();
    return { seen, released };
  }

  /** Frames of the page left alone, for what this machine can do at all. */
  async function idle() {
    await page.evaluate(record);
    await page.waitForTimeout(2500);
    return page.evaluate(() => {
      window.__seen.on = false;
      return window.__seen.frames;
    });
  }

  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const still = await idle();
  const { seen } = await drag(150);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await settled.waitFor({ state: 'attached' });
  await page.waitForTimeout(4000);

  const settling = [];
  for (let i = 0; i < 5; i++) {
    const { released } = await drag(20 + 3 * i);
    await settled.waitFor({ state: 'attached' });
    settling.push(performance.now() - released);
    await page.waitForTimeout(2500);
  }

  const bytes = await scriptBytes(base, desk);
  const bare = await scriptBytes(base, '/no-such-page');
  const quick = (frames) => share(frames, (ms) => ms < 20);
  const rows = [
    ['frames under 20 ms, page left alone, CPU a quarter', percent(quick(still)), ''],
    ['frames under 20 ms, flag dragged, CPU a quarter', percent(quick(seen.frames)), 'aim 95 %'],
    ['  against the page left alone', (quick(seen.frames) / quick(still)).toFixed(3), ''],
    ['  slowest frame in a hundred, ms', quantile(seen.frames, 0.99).toFixed(0), ''],
    ['flight follows within two frames', percent(share(seen.lags, (n) => n <= 2)), 'aim 100 %'],
    [
      'odds settle after release, ms, middle of five',
      quantile(settling, 0.5).toFixed(0),
      'aim 400',
    ],
    ['script over a bare page, kB gzipped', ((bytes - bare) / 1000).toFixed(0), 'aim 250'],
    ['  against the bare page', (bytes / bare).toFixed(2), ''],
  ];
  printRows(rows);
});
