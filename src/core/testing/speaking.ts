import { ENGLISH, speakAs, type Language } from '@/core/tell/language/language';
import { SPOKEN } from '@/core/tell/language/speaking';

/** What `say` gives in a language; English is in force again after it. */
export function speaking<T>(language: Language, say: () => T): T {
  speakAs(() => SPOKEN[language]);
  try {
    return say();
  } finally {
    speakAs(() => ENGLISH);
  }
}
