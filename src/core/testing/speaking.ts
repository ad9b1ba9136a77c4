import { ENGLISH, speakAs, type Language } from '@/core/ground/language/language';
import { SPOKEN } from '@/core/ground/language/speaking';

/** What `say` gives in a language; English is in force again after it. */
export function speaking<T>(language: Language, say: () => T): T {
  speakAs(() => SPOKEN[language]);
  try {
    return say();
  } finally {
    speakAs(() => ENGLISH);
  }
}
