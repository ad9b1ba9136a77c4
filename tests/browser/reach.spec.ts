import { linksAnswer, openDesk, passesAxe } from './helpers';
import { expect, test, type Page } from './test';
import { VIEWS, type View } from './views';

/* Every view and dialog at twice its size, and by keyboard alone. */

/** A screen of 1280 x 800 whose page is shown at 200 %. */
const TWICE = { width: 640, height: 400 };

const MORE_VIEWS: readonly View[] = [
  ['/players/import', (page) => page.getByRole('heading', { level: 1 }).waitFor()],
  ['/deleted', (page) => page.getByRole('heading', { level: 1 }).waitFor()],
  ['/card?player=ines-okafor&pin_yd=13', (page) => page.getByRole('heading').first().waitFor()],
  ['/nowhere', (page) => page.getByRole('heading', { level: 1 }).waitFor()],
];

/** Nothing is cut off sideways but what scrolls in a region of its own. */
const fits = async (page: Page): Promise<void> => {
  const overflow = (): Promise<number> =>
    page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
  await expect.poll(overflow).toBe(0);
};

declare global {
  interface Window {
    /** What had the focus before the last Tab. */
    lastFocused?: Element;
  }
}

/** Most things that are gone through by Tab. */
const MOST_TABS = 260;

/**
 * Goes through the page by Tab, and says what a hand can press and the keyboard cannot reach, and where the focus fell on something
 * that is not seen. Of a set of radio buttons one is enough: arrows reach the others.
 */
async function unreachable(page: Page): Promise<string[]> {
  await page.evaluate(() => {
    const FOCUSABLE =
      'a[href], button, input, select, textarea, summary, [tabindex]:not([tabindex="-1"])';
    const root = [...document.querySelectorAll('[role=dialog]')].at(-1) ?? document.body;
    const radios = new Set<string | Element>();
    const wanted = [...root.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((each) => {
      const { type, name } = each as HTMLInputElement;
      if (type === 'radio') {
        if (radios.has(name)) return false;
        radios.add(name);
      }
      const set = each.closest('[role=radiogroup], [role=tablist], [role=toolbar]');
      if (set && !set.checkVisibility()) return false;
      if (set) {
        if (radios.has(set)) return false;
        radios.add(set);
        return [...set.querySelectorAll(FOCUSABLE)].some((one) => !one.matches(':disabled'));
      }
      return (
        each.checkVisibility({ visibilityProperty: true }) &&
        !each.matches(':disabled, [type=hidden], [aria-hidden=true]') &&
        !each.closest('[aria-hidden=true], [inert]')
      );
    });
    wanted.forEach((each, i) => (each.dataset.wanted = String(i)));
  });
  const unseen: string[] = [];
  let still = 0;
  for (let i = 0; i < MOST_TABS && still < 2; i++) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const focused = document.activeElement as HTMLElement | null;
      if (!focused || focused === document.body) return { again: true, unseen: null };
      // A day is one field of several stops.
      const same = focused === window.lastFocused;
      const again = !same && focused.dataset.reached !== undefined;
      window.lastFocused = focused;
      focused.dataset.reached = '';
      const set = focused.closest<HTMLElement>('[role=radiogroup], [role=tablist], [role=toolbar]');
      if (set) set.dataset.reached = '';
      const { left, right, top, bottom, width } = focused.getBoundingClientRect();
      // What only readers see is a pixel wide until it is pressed.
      const inside = left < innerWidth && right > 0 && top < innerHeight && bottom > 0;
      const name = focused.ariaLabel ?? focused.textContent?.trim().slice(0, 40) ?? focused.tagName;
      return { again, unseen: inside || width <= 1 ? null : name };
    });
    if (at.unseen !== null) unseen.push(`not seen: ${at.unseen}`);
    still = at.again ? still + 1 : 0;
  }
  const missed = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('[data-wanted]')]
      .filter(
        (each) =>
          each.dataset.reached === undefined &&
          !each.closest('[role=radiogroup][data-reached], [role=tablist][data-reached]') &&
          !each.closest('[role=toolbar][data-reached]'),
      )
      .map((each) => `not reached: ${each.outerHTML.slice(0, 120)}`),
  );
  return [...unseen, ...missed];
}

const reached = async (page: Page): Promise<void> => {
  await fits(page);
  expect(await unreachable(page)).toEqual([]);
  await passesAxe(page);
};

test.use({ viewport: TWICE });

for (const [address, ready] of [...VIEWS, ...MORE_VIEWS]) {
  test(`${address.split('?')[0]} is whole at 200 %, and by keyboard`, async ({ page }) => {
    await page.goto(address);
    await ready(page);
    await reached(page);
  });
}

test('so is each thing that opens over the desk', async ({ page }) => {
  await openDesk(page);
  for (const key of [
    'Control+k',
    '/',
    'm',
    'x',
    'o',
    'h',
    'k',
    'r',
    'c',
    '?',
    'p',
    'i',
    'l',
    'a',
  ]) {
    await page.keyboard.press(key);
    await test.step(key, () => reached(page));
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // What closed gives the focus back a moment later.
    await page.waitForTimeout(200);
  }
});

test('so are the dialogs of the players', async ({ page }) => {
  await page.goto('/players');
  await page.getByRole('link', { name: 'Ines Okafor' }).waitFor();
  for (const name of ['Add a player', 'Academy', /^Delete Ines/]) {
    await page.getByRole('button', { name }).click();
    await test.step(String(name), () => reached(page));
    await page.keyboard.press('Escape');
  }
  await page.goto('/players/ines-okafor');
  await page.getByRole('button', { name: /^Erase/ }).click();
  await reached(page);
});

test('every address that a view links to answers when it is loaded', async ({ page }) => {
  const known = new Set<string>();
  for (const [address, ready] of VIEWS) {
    await page.goto(address);
    await ready(page);
    await linksAnswer(page, known);
  }
  expect(known.size).toBeGreaterThan(VIEWS.length);
});
