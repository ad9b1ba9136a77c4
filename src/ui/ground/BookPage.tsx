'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { bunkerNumbers, type BunkerNumbers } from '@/core/place/field/bunkerNumbers';
import type { Visit } from '@/core/place/field/field';
import { numberRows, visitWords } from '@/core/tell/place/numberWords';
import { bookQuestion } from '@/core/place/field/visit';
import type { StoredPlace } from '@/core/place/record/stored';
import { drawnPlace, type DrawnPlace } from '@/core/place/sight/drawnPlace';
import { situationFor, inHouse, type RosterPlayer } from '@/core/lesson/players/player';
import type { HousePreferences } from '@/core/lesson/players/house';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import { useTask } from '../engine/useTask';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { Pick } from '../kit/fields';
import { useUnits } from '../kit/units';
import { BunkerSketch } from './plan/BunkerSketch';

interface BookPageProps {
  stored: StoredPlace;
  players: readonly RosterPlayer[];
  house: HousePreferences;
  today: string;
}

/** Every bunker of a place with its numbers, and what a visit costs a player. */
export function BookPage({ stored, players, house, today }: BookPageProps) {
  const units = useUnits();
  const { place } = stored;
  const drawn = useMemo(() => drawnPlace(place), [place]);
  const numbers = useMemo(() => bunkerNumbers(drawn, today), [drawn, today]);
  const [playerId, setPlayer] = useState(players[0]!.id);
  const player = inHouse(
    players.find(({ id }) => id === playerId)!,
    house,
  );
  const { handed } = player;
  const visits = useTask<ReadonlyMap<string, Visit | null>>(
    JSON.stringify([stored.version, playerId]),
    async ({ engine, signal, show }) => {
      const found = new Map<string, Visit | null>();
      await Promise.all(
        numbers.map(async (each) => {
          const asked = bookQuestion(place, each, handed, today, situationFor(player, FIRST_SHOT));
          if (!asked) return;
          found.set(each.id, await engine.run('quickVisit', [asked], { signal }));
          show(new Map(found));
        }),
      );
      return found;
    },
  );
  return (
    <>
      <TopBar room="Ground" />
      <main className="mx-auto w-full max-w-[72rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-end gap-3">
          <h1 className="mr-auto text-3xl">{t('{place}: bunker book', { place: place.name })}</h1>
          <div className="no-print flex items-end gap-3">
            <Pick
              label={t('Player')}
              value={playerId}
              onValue={setPlayer}
              options={players.map(({ id, name }) => [id, name] as const)}
            />
            <a
              href={`/ground/${stored.id}/book/pdf?player=${encodeURIComponent(playerId)}&units=${units}`}
              className="button"
            >
              {t('Open as PDF')}
            </a>
            <Link prefetch={false} href={`/ground/${stored.id}`} className="button">
              {t('Back to the plan')}
            </Link>
          </div>
        </header>
        {visits.failure && <Alert className="mt-3">{visits.failure.message}</Alert>}
        {visits.status === 'running' && (
          <progress
            aria-label={t('Working out what visits cost')}
            className="progress no-print mt-3 h-2 w-full"
            value={visits.value?.size ?? 0}
            max={numbers.length}
          />
        )}
        {numbers.length === 0 && (
          <p className="mt-6 text-lg">{t('No bunker is drawn here yet.')}</p>
        )}
        <ul className="mt-4 grid gap-5 lg:grid-cols-2">
          {numbers.map((each) => (
            <BunkerEntry
              key={each.id}
              numbers={each}
              drawn={drawn}
              visit={visits.value?.get(each.id)}
              player={player.name}
            />
          ))}
        </ul>
      </main>
    </>
  );
}

interface BunkerEntryProps {
  numbers: BunkerNumbers;
  drawn: DrawnPlace;
  /** Undefined while it is not known. */
  visit: Visit | null | undefined;
  player: string;
}

/** A bunker in the book. */
function BunkerEntry({ numbers, drawn, visit, player }: BunkerEntryProps) {
  const units = useUnits();
  const bunker = drawn.bunkers.find(({ id }) => id === numbers.id)!;
  const [nearest] = numbers.flags;
  return (
    <li className="grid grid-cols-[minmax(0,15rem)_1fr] gap-4 border-t-2 border-ink pt-2 max-sm:grid-cols-1">
      <div>
        <h2 className="mb-1 text-xl">{numbers.name}</h2>
        <BunkerSketch place={drawn} bunker={bunker} />
      </div>
      <dl>
        {numberRows(numbers, units).map(([name, said]) => (
          <div key={name} className="flex justify-between gap-3 border-b border-hairline py-1">
            <dt className="text-ink-soft">{name}</dt>
            <dd className="text-right font-semibold">{said}</dd>
          </div>
        ))}
        <div className="pt-1.5">
          <dt className="text-ink-soft">
            {t('A visit{nearest}', {
              nearest: nearest ? t(', {player} to {flag}', { player, flag: nearest.name }) : '',
            })}
          </dt>
          <dd className="font-semibold" aria-live="polite">
            {!nearest
              ? t('no flag yet')
              : visit === undefined
                ? t('working it out …')
                : visitWords(visit)}
          </dd>
        </div>
      </dl>
    </li>
  );
}
