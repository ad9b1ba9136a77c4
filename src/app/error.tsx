'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';

/** What is shown when a page cannot be made: what was saved stays, and what can be done. */
export default function Failed({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return (
    <main className="mx-auto w-full max-w-xl px-6 py-16">
      <h1 className="text-3xl">{t('Something went wrong')}</h1>
      <p className="mt-3 leading-snug">
        {t(
          'Nothing you saved is lost, and balls waiting in this browser are still here. If it happens again, check the server’s log{digest}.',
          { digest: error.digest ? ` (${error.digest})` : '' },
        )}
      </p>
      <div className="mt-5 flex gap-3">
        <button type="button" onClick={reset} className="button-main">
          {t('Try again')}
        </button>
        <Link href="/" prefetch={false} className="button">
          {t('Desk')}
        </Link>
      </div>
    </main>
  );
}
