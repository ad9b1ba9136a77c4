/* The ground in the real browser: frames while the ball is dragged, how soon the rose and the field are there. */
import { printRows, served } from './served.mjs';

const GROUND =
  '/ground/5a17a0e5-0000-4000-8000-0000000000d1?player=ines-okafor&ball=-4.5,1&lie=plugged&flag=green/middle';

/** Petals of a whole rose: every ten degrees but the flag's. */
const PETALS = 35;

const record = () => {
  const seen = { frames: [], last: performance.now(), on: true };
  window.__seen = seen;
  const tick = (now) => {
    if (!seen.on) return;
    seen.frames.push(now - seen.last);
    seen.last = now;
    requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
};

const stop = () => {
  window.__seen.on = false;
  return window.__seen.frames;
};

const quick = (frames) => frames.filter((ms) => ms < 20).length / Math.max(1, frames.length);
const percent = (value) => `${(100 * value).toFixed(1)} %`;
const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

await served('3221', async (base, browser) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base + GROUND);
  const ball = page.getByRole('slider', { name: /^Ball in/ });
  const looking = page.getByRole('progressbar', { name: 'Looking at every direction' });
  await page.getByTestId('rose').waitFor();
  await looking.waitFor({ state: 'hidden' });
  await page.waitForTimeout(3000);
  const cdp = await page.context().newCDPSession(page);

  async function drag(moves) {
    const box = await ball.boundingBox();
    const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    await page.evaluate(record);
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    for (let i = 1; i <= moves; i++) {
      await page.mouse.move(at.x + 30 * Math.sin(i / 9), at.y + 8 * Math.sin(i / 5));
      await page.waitForTimeout(16);
    }
    const frames = await page.evaluate(stop);
    await page.mouse.up();
    return frames;
  }

  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await page.evaluate(record);
  await page.waitForTimeout(2500);
  const still = await page.evaluate(stop);
  const dragged = await drag(150);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });

  const coarse = [];
  const fine = [];
  for (let i = 0; i < 5; i++) {
    await looking.waitFor({ state: 'hidden' });
    await page.waitForTimeout(4000);
    await drag(10 + i);
    const released = performance.now();
    await page.waitForFunction(
      (petals) =>
        document.querySelectorAll('[data-testid="rose"] > g:has(path), [data-testid="rose"] > path')
          .length >= petals,
      PETALS,
    );
    coarse.push(performance.now() - released);
    await looking.waitFor({ state: 'hidden' });
    fine.push(performance.now() - released);
  }

  await page.waitForTimeout(3000);
  const asked = performance.now();
  await page.getByRole('button', { name: 'Show it on the plan' }).click();
  await page.getByTestId('not-looked-at').first().waitFor();
  await page.waitForFunction(
    () =>
      document.querySelector('[data-testid="field"]') &&
      !document.querySelector('[data-testid="not-looked-at"]'),
  );
  const field = performance.now() - asked;

  printRows([
    ['frames under 20 ms, page left alone, CPU a quarter', percent(quick(still)), ''],
    ['frames under 20 ms, ball dragged, CPU a quarter', percent(quick(dragged)), 'aim 95 %'],
    ['  against the page left alone', (quick(dragged) / quick(still)).toFixed(3), ''],
    ['rose of 36 directions, coarse, ms, middle of five', middle(coarse).toFixed(0), 'aim 1000'],
    ['  refined', middle(fine).toFixed(0), 'aim 8000'],
    ['field over a bunker of 94 m², coarse, ms', field.toFixed(0), 'aim 5000'],
  ]);
});
