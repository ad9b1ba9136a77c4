'use client';

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
      <h1 className="text-3xl">Something went wrong</h1>
      <p className="mt-3 leading-snug">
        Nothing you saved is lost, and balls waiting in this browser are still here. If it happens
        again, check the server’s log{error.digest ? ` (${error.digest})` : ''}.
      </p>
      <div className="mt-5 flex gap-3">
        <button type="button" onClick={reset} className="button-main">
          Try again
        </button>
        <Link href="/" prefetch={false} className="button">
          Desk
        </Link>
      </div>
    </main>
  );
}
