import { AsyncLocalStorage } from 'node:async_hooks';
import { createHash } from 'node:crypto';
import type { IncomingHttpHeaders } from 'node:http';
import {
  ENGLISH,
  languageFrom,
  speakAs,
  type Language,
  type Spoken,
} from '@/core/tell/language/language';
import { SPOKEN } from '@/core/tell/language/speaking';
import { PREFERENCE_COOKIES } from '@/ui/frame/cookies';
import { beforeRequests } from './requests';

const CHOSEN = new RegExp(`(?:^|; *)${PREFERENCE_COOKIES.language}=([a-z]{2})(?:;|$)`);

/**
 * The language of a request: as its browser was told to, else the first that the browser asks for and the product speaks, else
 * English.
 *
 * @example
 * languageOf({ 'accept-language': 'fr, de-CH;q=0.8, en;q=0.5' }); // => 'de'
 */
export function languageOf(headers: IncomingHttpHeaders): Language {
  const chosen = languageFrom(CHOSEN.exec(headers.cookie ?? '')?.[1]);
  if (chosen) return chosen;
  const asked = (headers['accept-language'] ?? '').slice(0, 200).split(',');
  const known = asked.map((each) => languageFrom(each.trim().slice(0, 2).toLowerCase()));
  return known.find((each) => each !== null) ?? 'en';
}

/**
 * Has everything that is done for a request speak its language, from the moment in which it comes in: pages, routes and threads find it
 * without being told. Called once, before the server listens.
 */
export function speakEachLanguage(): void {
  const asking = new AsyncLocalStorage<Spoken>();
  speakAs(() => asking.getStore() ?? ENGLISH);
  beforeRequests(({ headers }, _response, onward) =>
    asking.run(SPOKEN[languageOf(headers)], onward),
  );
}

/** What a page runs before anything else, to speak a language. */
export const scriptOf = (language: Language): string =>
  `{const spoken=${JSON.stringify(SPOKEN[language])};globalThis.mellowLanguage=()=>spoken}`;

/** What a script says, in few characters; worked out once, for every page asks. */
const marks = new Map<Language, string>();

function markOf(language: Language): string {
  const mark =
    marks.get(language) ??
    createHash('sha256').update(scriptOf(language)).digest('hex').slice(0, 12);
  marks.set(language, mark);
  return mark;
}

/** Where a page finds that script, by what it says: browsers may keep it. */
export const scriptAddress = (language: Language): string =>
  `/words/${language}?v=${markOf(language)}`;
