import Link from 'next/link';

/** What is shown for an address that leads nowhere. */
export default function NotFound() {
  return (
    <main className="mx-auto w-full max-w-xl px-6 py-16">
      <h1 className="text-3xl">There is nothing here</h1>
      <p className="mt-3 leading-snug">
        The player, lesson or page of this address is not there: it may have been deleted, or the
        address was cut short.
      </p>
      <nav aria-label="Ways on" className="mt-5 flex flex-wrap gap-3">
        {[
          ['/', 'To the desk'],
          ['/players', 'To the players'],
          ['/lessons', 'To the lessons'],
        ].map(([href, name]) => (
          <Link key={href} href={href!} prefetch={false} className="button">
            {name}
          </Link>
        ))}
      </nav>
    </main>
  );
}
