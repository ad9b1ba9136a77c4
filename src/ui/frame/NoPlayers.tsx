import Link from 'next/link';
import { Mark } from './Mark';

/** What an empty academy is shown. */
export function NoPlayers() {
  return (
    <main className="mx-auto w-full max-w-prose p-10">
      <Mark />
      <h1 className="mt-3 text-3xl">Nobody is in the academy yet</h1>
      <p className="mt-3 text-lg leading-relaxed">
        A call is made for a player and the clubs in the bag.{' '}
        <Link href="/players" className="underline underline-offset-4">
          Add a player, or import a list
        </Link>
        . To look round first, stop this server and run{' '}
        <code className="rounded bg-paper-deep px-1.5">npm run demo</code>: it opens a made-up
        academy with players, bags and readings in it.
      </p>
    </main>
  );
}
