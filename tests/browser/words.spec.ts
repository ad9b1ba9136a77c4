import { PREFERENCE_COOKIES } from '../../src/ui/frame/cookies';
import { openDesk } from './helpers';
import { expect, test } from './test';
import { VIEWS } from './views';

/** What nobody should read: slips of the program, one of something in the plural, ids. */
const NEVER = [
  /\b(NaN|undefined|null|Infinity|\[object)\b/,
  /(?<![\d.])\b1 (balls|readings|lines|players|lessons|stations|sets|strokes|yards|metres|inches)\b/,
  /[0-9a-f]{8}-[0-9a-f]{4}-/,
  /ines-okafor|tomas-reinholt|same-sand|less-loft|fried-egg/,
  /\bnone, square\b/,
];

/** Units of the other system, after a number or a label. The Stimpmeter is read in feet everywhere. */
const FOREIGN = {
  yards: /(\d\s?|, )(m|cm|mm|m\/s|km\/h|kg\/m³)(?![\w/])|\b(centi|milli)?metres?\b/,
  metres:
    /(\d\s?|(?<!Green speed), )(yd|ft|mph|lb\/ft³)\b|(\d\s?in(?! \d)|, in)$|\byards?\b|\bfeet\b(?= ahead| high)|\binch(es)?\b/m,
} as const;

/** What opens over the desk with numbers in it, by its key. */
const OVER_THE_DESK = ['i', 's', 't', 'l', 'd', 'g', 'a', 'h', 'f', 'o', 'x', 'u', 'v'];

/** What of a text nobody should read, each with the words about it. */
const slips = (text: string, patterns: readonly RegExp[]): string[] =>
  patterns.flatMap((pattern) => {
    const at = text.search(pattern);
    return at < 0 ? [] : [`${pattern}: ${text.slice(Math.max(0, at - 30), at + 30)}`];
  });

for (const units of ['yards', 'metres'] as const) {
  test(`every main view is in ${units} alone, and says nothing that only a program would`, async ({
    page,
    context,
    baseURL,
  }) => {
    await context.addCookies([{ name: PREFERENCE_COOKIES.units, value: units, url: baseURL! }]);
    for (const [address, ready] of VIEWS) {
      await page.goto(address);
      await ready(page);
      // What may be chosen names both.
      await page.addStyleTag({ content: 'select { display: none }' });
      const text = (await page.getByRole('main').innerText()).replaceAll('\u00a0', ' ');
      expect([address, slips(text, [...NEVER, FOREIGN[units]])]).toEqual([address, []]);
    }
    await page.goto('/players?new=player');
    await page.getByRole('button', { name: 'Soles and camber too' }).click();
    await page.addStyleTag({ content: 'select { display: none }' });
    const form = await page.getByRole('dialog').innerText();
    expect(slips(form, [FOREIGN[units]])).toEqual([]);
    await openDesk(page);
    await page.addStyleTag({ content: 'select { display: none }' });
    for (const key of OVER_THE_DESK) {
      await page.keyboard.press(key);
      const opened = page.getByRole('dialog');
      // The views of the drawing open nothing.
      const over = 'uv'.includes(key) ? page.getByRole('main') : opened;
      for (const folded of await over.locator('details:not([open]) > summary').all())
        await folded.click();
      const text = (await over.innerText()).replaceAll('\u00a0', ' ');
      expect([key, slips(text, [...NEVER, FOREIGN[units]])]).toEqual([key, []]);
      await page.keyboard.press('Escape');
      await expect(opened).toBeHidden();
    }
  });
}
