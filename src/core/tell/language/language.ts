import type { Code } from '@/core/ground/fact/fact';
import type { Translation } from './message';

/** Languages that the product speaks. English is what the messages themselves are written in. */
export const LANGUAGES = ['en', 'de'] as const;
export type Language = (typeof LANGUAGES)[number];

/** A language with what its messages are; English needs none. */
export interface Spoken {
  language: Language;
  translation: Translation | null;
  /** Messages of facts by their codes. */
  facts: Readonly<Record<Code, string>> | null;
}

export const ENGLISH: Spoken = { language: 'en', translation: null, facts: null };

/** One lookup for the whole program, however many copies of this file its bundles hold. */
const program = globalThis as typeof globalThis & { mellowLanguage?: () => Spoken };

/**
 * Says how the language in force is found. Called once where a program starts: a page and a thread know one language, a server one for
 * each request. Words depend on it as `Intl` does on the default locale; nothing else in the core does.
 */
export function speakAs(found: () => Spoken): void {
  program.mellowLanguage = found;
}

/** The language in force, with its messages. */
export const spoken = (): Spoken => program.mellowLanguage?.() ?? ENGLISH;

/**
 * The language that a text names; null for none that the product speaks.
 *
 * @example
 * languageFrom('de'); // => 'de'
 * languageFrom('latin'); // => null
 */
export const languageFrom = (text: string | undefined): Language | null =>
  LANGUAGES.find((each) => each === text) ?? null;
