import { PREFERENCE_COOKIES } from '../../src/ui/frame/cookies';
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
const FOREIGN = {
  yards: /\d\s?(m|cm)\b(?!ph)|\bmetres?\b|\bcentimetres?\b/,
  metres: /\d\s?(yd|ft|in(?! \d))\b|\byards?\b|\bfeet\b(?= ahead| high)|\binch(es)?\b/,
} as const;

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
  });
}
