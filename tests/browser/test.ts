import { test as bare, type Page } from '@playwright/test';
import { PREFERENCE_COOKIES } from '../../src/ui/frame/cookies';

export { expect, type Page } from '@playwright/test';

/** A page of the product has come once its buttons do something: on a busy machine that is later than its picture. */
export async function awake(page: Page): Promise<void> {
  await page.locator('html[data-awake]').waitFor({ state: 'attached' });
}

/** True for an address of the product, whichever server serves it. */
const isOurs = (url: string): boolean => url.startsWith('/') || url.startsWith('http://127.0.0.1:');

/**
 * Tests whose page waits until it is awake after it was opened, or loaded again; and whose browser looks for when a
 * call changes only when it is asked, or every page would keep both processors busy beside what is tried.
 */
export const test = bare.extend({
  context: async ({ context, baseURL }, run) => {
    await context.addCookies([
      { name: PREFERENCE_COOKIES.looking, value: 'when-asked', url: baseURL! },
    ]);
    await run(context);
  },
  page: async ({ page }, run) => {
    const { goto, reload } = page;
    page.goto = async (url, options) => {
      const response = await goto.call(page, url, options);
      if (isOurs(url)) await awake(page);
      return response;
    };
    page.reload = async (options) => {
      const response = await reload.call(page, options);
      await awake(page);
      return response;
    };
    await run(page);
  },
});
