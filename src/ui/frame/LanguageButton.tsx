'use client';

import { spoken } from '@/core/tell/language/language';
import { remember } from './preferences';

/** Each language's other one, in its own words: whoever looks for it may not read the one in force. */
const OTHER = {
  en: { language: 'de', short: 'DE', offer: 'Auf Deutsch umstellen' },
  de: { language: 'en', short: 'EN', offer: 'Switch to English' },
} as const;

/** Switches the language of this browser; the page is loaded again in it. */
export function LanguageButton() {
  const { language, short, offer } = OTHER[spoken().language];
  return (
    <button
      type="button"
      lang={language}
      aria-label={offer}
      title={offer}
      onClick={() => {
        remember('language', language);
        window.location.reload();
      }}
      className="button-quiet"
    >
      {short}
    </button>
  );
}
