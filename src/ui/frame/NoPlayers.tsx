import Link from 'next/link';
import { Mark } from './Mark';

/** The first steps of an academy that holds nobody yet. */
const STEPS = [
  {
    href: '/players?new=player',
    title: 'Add your first player',
    text: 'Name, level, and the clubs in the bag. Lofts are enough to begin with.',
  },
  {
    href: '/players/import',
    title: 'Import a list of players',
    text: 'A CSV file from your own records, or a file exported from Mellow Divot.',
  },
  {
    href: '/players?new=academy',
    title: 'Set up the academy',
    text: 'Its name on the cards, yards or metres, and the techniques you teach.',
  },
] as const;

/** What an empty academy is shown. */
export function NoPlayers() {
  return (
    <main className="mx-auto w-full max-w-[72rem] grow px-6 py-10 max-sm:px-4">
      <Mark />
      <h1 className="mt-3 text-3xl">Welcome to Mellow Divot</h1>
      <p className="mt-3 max-w-prose text-lg leading-relaxed">
        Every shot is worked out for one player and the clubs in that player’s bag, so a player
        comes first. Then read a bunker at the desk, or plan a lesson.
      </p>
      <ol className="mt-6 grid gap-4 sm:grid-cols-3">
        {STEPS.map(({ href, title, text }) => (
          <li key={href}>
            <Link
              href={href}
              className="block h-full rounded border-2 border-hairline p-4 hover:bg-flag-wash hover:text-on-flag"
            >
              <span className="block text-xl font-semibold underline underline-offset-4">
                {title}
              </span>
              <span className="mt-1 block">{text}</span>
            </Link>
          </li>
        ))}
      </ol>
      <p className="mt-6 max-w-prose">
        To look around first, stop this server and run{' '}
        <code className="rounded bg-paper-deep px-1.5">npm run demo</code> with an empty data
        folder: it opens a made-up academy.
      </p>
    </main>
  );
}
