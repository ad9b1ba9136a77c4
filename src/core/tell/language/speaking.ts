import GERMAN_FACTS from './facts/de.json';
import { GERMAN } from './german';
import { ENGLISH, type Language, type Spoken } from './language';

/** Every language with its messages: for programs that speak more than one, or choose one as they start. */
export const SPOKEN: Record<Language, Spoken> = {
  en: ENGLISH,
  de: { language: 'de', translation: GERMAN, facts: GERMAN_FACTS },
};
