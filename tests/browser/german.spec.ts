import { GERMAN } from '../../src/core/tell/language/german';
import { emptyPlace } from '../../src/core/place/record/place';
import type { StoredPlace } from '../../src/core/place/record/stored';
import { PREFERENCE_COOKIES } from '../../src/ui/frame/cookies';
import { expect, test, type Page } from './test';
import { DEMO_LESSON, VIEWS } from './views';

/** English messages that say something else in German. */
const ENGLISH = new Set(
  Object.entries(GERMAN)
    .filter(([english, german]) => english !== german)
    .map(([english]) => english.replace(/(?<=\S)\|(?=\S)[^|]*$/, ''))
    // A single letter is a key.
    .filter((english) => english.length > 1),
);

/** What German says too. */
const BOTH = new Set(Object.values(GERMAN));

/** Everything that a page says, in its text and to whoever does not see it. */
const said = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const texts: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const { parentElement, textContent } = walker.currentNode;
      if (!parentElement?.closest('script, style, template')) texts.push(textContent ?? '');
    }
    for (const element of document.querySelectorAll('[aria-label], [placeholder], [title]')) {
      for (const name of ['aria-label', 'placeholder', 'title']) {
        texts.push(element.getAttribute(name) ?? '');
      }
    }
    return texts.map((text) => text.trim()).filter((text) => text !== '');
  });

/** Waits until a page has said the same for a second. */
async function still(page: Page): Promise<string[]> {
  let before = '';
  await expect
    .poll(
      async () => {
        const now = (await said(page)).join('\n');
        const same = now === before;
        before = now;
        return same;
      },
      { intervals: [1000], timeout: 120_000 },
    )
    .toBe(true);
  return before.split('\n');
}

const speak = (page: Page, language: string, url: string): Promise<void> =>
  page.context().addCookies([
    { name: PREFERENCE_COOKIES.language, value: language, url },
    { name: PREFERENCE_COOKIES.looking, value: 'when-asked', url },
  ]);

/** What coaches of either language have called their ground; it stays as they called it. */
const groundNames = async (page: Page): Promise<Set<string>> => {
  const stored = (await (await page.request.get('/api/places')).json()) as StoredPlace[];
  return new Set(stored.map(({ place }) => place.name));
};

test('every main view is in German, words and all', async ({ page, baseURL }) => {
  await speak(page, 'de', baseURL!);
  const put = await page.request.put(`/api/places/${crypto.randomUUID()}?from=`, {
    data: emptyPlace('New ground'),
    headers: { origin: baseURL! },
  });
  expect(put.ok()).toBe(true);
  const failed: string[] = [];
  page.on('pageerror', ({ message }) => failed.push(message));
  for (const [address] of [...VIEWS, ['/players/import'], ['/deleted'], ['/nowhere']] as const) {
    await page.goto(address);
    await expect(page.locator('html')).toHaveAttribute('lang', 'de');
    const texts = await still(page);
    const named = await groundNames(page);
    const english = texts.filter(
      (text) => ENGLISH.has(text) && !BOTH.has(text) && !named.has(text),
    );
    const open = texts.filter((text) => /\{[a-z]\w*\}/i.test(text));
    expect([address, english, open, failed]).toEqual([address, [], [], []]);
  }
});

test('the language is switched in the bar, stays, and a phone’s page has it', async ({ page }) => {
  await page.goto('/lessons');
  await expect(page.getByRole('heading', { name: 'Lessons', level: 1 })).toBeVisible();
  await page.getByRole('button', { name: 'Auf Deutsch umstellen' }).click();
  await expect(page.getByRole('heading', { name: 'Stunden', level: 1 })).toBeVisible();
  await page.goto(DEMO_LESSON);
  await expect(page.getByRole('button', { name: 'fett', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Switch to English' }).click();
  await expect(page.getByRole('button', { name: 'heavy', exact: true })).toBeVisible();
});

test('the desk calls, checks and reads what is typed in German', async ({ page, baseURL }) => {
  await speak(page, 'de', baseURL!);
  await page.goto('/?player=ines-okafor&pin_yd=15');
  await expect(page.getByText(/Schläge$/).first()).toBeVisible();
  await page.keyboard.press('/');
  const line = page
    .getByRole('dialog')
    .getByRole('combobox')
    .or(page.getByRole('dialog').getByRole('textbox'));
  await line.first().fill('12 m zur Fahne, eingebohrt, fester Sand, Kante 1,2 auf 1,8');
  await expect(page.getByRole('dialog')).toContainText('Alles gelesen.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^eingebohrt|im Sand eingebohrt/ })).toBeVisible();
  await expect(page.getByText('Explosion').first()).toBeVisible();
});

test('papers and refusals are in the language of who asks', async ({ request }) => {
  const asking = (language: string) => ({ headers: { cookie: `mellow-language=${language}` } });
  const refused = async (language: string): Promise<string> =>
    (await request.get('/api/players?limit=far', asking(language))).text();
  expect(await refused('de')).toContain('muss eine ganze Zahl');
  expect(await refused('en')).toContain('must be a whole number');
});
