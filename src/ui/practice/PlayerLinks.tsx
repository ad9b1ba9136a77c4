'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { usePlayersCalled } from '../server/usePlayersCalled';

interface PlayerLinksProps {
  title: string;
  /** Players who may be chosen at once; others are found by name. */
  players: readonly { id: string; name: string }[];
  /** Where choosing a player leads. */
  hrefOf: (id: string) => string;
}

const FOUND = 8;

/** Players to begin something for: a few at hand, others by name. */
export function PlayerLinks({ title, players, hrefOf }: PlayerLinksProps) {
  const router = useRouter();
  const { found, searched, field } = usePlayersCalled(FOUND, ([first]) => {
    if (first) router.push(hrefOf(first.id));
  });
  const offered = searched ? (found ?? []) : players;
  return (
    <section aria-labelledby="begin" className="mt-4">
      <h2 id="begin" className="text-lg">
        {title}
      </h2>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <input
          type="search"
          aria-label={t('Find a player')}
          placeholder={t('Find by name')}
          maxLength={120}
          autoComplete="off"
          className="box w-48"
          {...field}
        />
        {offered.map(({ id, name }) => (
          <Link
            key={id}
            prefetch={false}
            href={hrefOf(id)}
            className="button border-dashed px-3 hover:bg-flag-wash hover:text-on-flag"
          >
            {name}
          </Link>
        ))}
        {offered.length === 0 && <p>{searched ? t('No match.') : t('Add players first.')}</p>}
      </div>
    </section>
  );
}
