import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from './test';

/** Waits until the calls belong to the reading that stands. */
export const settled = (page: Page): Promise<void> =>
  expect(page.getByRole('status').filter({ hasText: /^First call/ })).toBeAttached();

/** The desk, with its first calls computed. */
export async function openDesk(page: Page, query = '?player=ines-okafor'): Promise<void> {
  await page.goto(`/${query}`);
  await settled(page);
}

/** A word of the sentence. */
export const token = (page: Page, label: string) =>
  page.getByRole('button', { name: new RegExp(`, ${label}, change$`) });

/**
 * Nothing on the page as it stands breaks a rule of accessibility. Of a page under a dialog only the dialog is looked at: the
 * rest is hidden from readers then.
 *
 * @param rules those that are looked at; all of them when absent
 */
export async function passesAxe(page: Page, rules?: readonly string[]): Promise<void> {
  await page.waitForTimeout(300);
  // Nothing of another origin is framed here, which alone would need a page of its own for each look.
  const axe = new AxeBuilder({ page }).setLegacyMode(true);
  if (rules) axe.withRules([...rules]);
  const dialogs = await page.getByRole('dialog').count();
  const { violations } = await (dialogs > 0 ? axe.include('[role=dialog]') : axe).analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([]);
}

/**
 * Every address that the page links to, loaded directly: each answers, and none with a failure. Papers take seconds and have tests of their
 * own.
 *
 * @param known addresses that were loaded already; these are added
 */
export async function linksAnswer(page: Page, known = new Set<string>()): Promise<void> {
  const linked = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLAnchorElement>('a[href]')]
      .map(({ href }) => href.replace(/#.*/, ''))
      .filter((href) => new URL(href).origin === location.origin),
  );
  const fresh = new Set(linked.filter((href) => !known.has(href) && !/\/pdf(\?|$)/.test(href)));
  for (const href of fresh) {
    known.add(href);
    const { ok, status } = await page.evaluate(async (at) => {
      const answer = await fetch(at);
      await answer.arrayBuffer();
      return { ok: answer.ok, status: answer.status };
    }, href);
    expect(ok, `${href} answers ${status}`).toBe(true);
  }
}

/** Width of the narrowest phone that is looked after, px. */
const NARROWEST = 320;

/** Nothing reaches past the side of the screen, as it is and on the narrowest phone. */
export async function fitsAcross(page: Page): Promise<void> {
  const size = page.viewportSize()!;
  for (const width of [NARROWEST, size.width]) {
    await page.setViewportSize({ ...size, width });
    const overflow = (): Promise<number> =>
      page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
    await expect.poll(overflow, `at ${width} px`).toBe(0);
  }
}
