/*
 * What the browser keeps for a tab, or for all of them. Its storage may be full, or refused altogether (a private window): what it does not
 * take stands in this page alone, and nothing throws.
 */

/** Where something is kept: gone with the tab, or as long as the browser likes. */
type Where = 'tab' | 'browser';

const storageOf = (where: Where): Storage => (where === 'tab' ? sessionStorage : localStorage);

/** What the storage did not take, by place and key. */
const inPage = new Map<string, string>();
const placeOf = (key: string, where: Where): string => `${where}/${key}`;

/** The text that is kept under a key; null when none is. */
export function textIn(key: string, where: Where = 'tab'): string | null {
  try {
    return inPage.get(placeOf(key, where)) ?? storageOf(where).getItem(key);
  } catch {
    return null;
  }
}

/** Keeps a text under a key. */
export function keepText(key: string, text: string, where: Where = 'tab'): void {
  try {
    storageOf(where).setItem(key, text);
    inPage.delete(placeOf(key, where));
  } catch {
    inPage.set(placeOf(key, where), text);
  }
}

/** Keeps nothing any more under a key of this tab. */
export function letGo(key: string): void {
  inPage.delete(placeOf(key, 'tab'));
  try {
    sessionStorage.removeItem(key);
  } catch {
    // Where it is refused it holds nothing.
  }
}

/** What is kept in this tab under a key; null when nothing usable is. */
export function keptIn<T extends object>(key: string): Partial<T> | null {
  try {
    const kept: unknown = JSON.parse(textIn(key) ?? 'null');
    return kept && typeof kept === 'object' ? kept : null;
  } catch {
    letGo(key);
    return null;
  }
}

/** Keeps a plain value in this tab. */
export const keep = (key: string, value: object): void => keepText(key, JSON.stringify(value));
