'use client';

import { toldIn } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { House } from '@/core/lesson/players/house';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { LONGEST_SENTENCE, readPlayerSentence } from '@/core/lesson/players/playerSentence';
import { readPlayerRecord } from '@/core/lesson/players/record';
import type { ClubInput } from '@/core/contract/shot/club';
import { lengthOf } from '@/core/contract/check/fields';
import { sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { faultWords } from '@/core/tell/facts/faultWords';
import { FIRST_SHOT, readingToQuery } from '@/core/contract/reading/reading';
import { capital } from '@/core/tell/words/capital';
import { HAND_WORDS, MISS_NAMES, SKILL_WORDS } from '@/core/tell/words/player';
import { handicapWords } from '@/core/ground/player/handicap';
import { Alert } from '../kit/Alert';
import { faultsIn } from '../kit/checked';
import { Pick, Prose, TextInput } from '../kit/fields';
import { useUnits, UNIT_CHOICES } from '../kit/units';
import { ask, bodyOf, RequestFailure } from '../server/client';
import { Mark } from './Mark';
import { useHeads } from './who';
import { usePreferences } from './preferences';

/** A club with loft, bounce and carry, as far as they are known. */
function clubWords(club: ClubInput, units: UnitSystem): string {
  const carry = lengthOf(club, 'stock_carry');
  const bounce =
    club.bounce_deg === undefined
      ? ''
      : ` ${t('with {bounce}° of bounce', { bounce: club.bounce_deg })}`;
  const far =
    carry === undefined
      ? ''
      : ` ${t('that carries {carry}', { carry: sayLength(carry, 'ground', units) })}`;
  return `${club.name} (${club.loft_deg}°${bounce}${far})`;
}

/** Other ways to begin. */
const OTHER_WAYS = toldIn(['title', 'text'], [
  {
    href: '/players/import',
    title: 'Import a list of players',
    text: 'A CSV file from your own records, or a file exported from Mellow Divot.',
  },
  {
    href: '/players?new=player',
    title: 'Fill in a form instead',
    text: 'Every club with loft, bounce, sole and carry.',
  },
  {
    href: '/players?new=academy',
    title: 'All settings of the academy',
    text: 'Techniques you teach, how much a bad miss counts, backups, sign-in.',
  },
] as const);

const EXAMPLE = {
  yards: 'Ada Lund, mid handicap, 56/12 goes 82, PW 108',
  metres: 'Ada Lund, mid handicap, 56/12 goes 75, PW 99',
} as const;

/** What an empty academy is shown: from nothing to the first call in three boxes. */
export function NoPlayers({ house }: { house: House }) {
  const router = useRouter();
  const units = useUnits();
  const { onUnits } = usePreferences();
  /** The academy's settings are a head coach's. */
  const names = useHeads();
  const [name, setName] = useState(house.name);
  const [sentence, setSentence] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { record, unread } = useMemo(
    () => readPlayerSentence(sentence, house, units),
    [sentence, house, units],
  );
  const wanting = [
    record.name === '' ? t('a name') : null,
    record.bag.length === 0 ? t('at least one club') : null,
  ].filter(Boolean);

  const begin = async (): Promise<void> => {
    const faults = faultsIn(() => readPlayerRecord(record));
    if (faults) return setFault(faultWords(faults));
    setBusy(true);
    setFault(null);
    const settings = { ...house, units, name: name.trim() || house.name };
    try {
      if (names) await bodyOf(ask('/api/academy', 'PUT', settings));
      const { id } = await bodyOf(ask<RosterPlayer>('/api/players', 'POST', record));
      router.push(`/?${readingToQuery({ player: id, shot: FIRST_SHOT })}`);
    } catch (error) {
      if (!(error instanceof RequestFailure)) throw error;
      setBusy(false);
      setFault(error.message);
    }
  };

  return (
    <main className="mx-auto w-full max-w-[60rem] grow px-6 py-8 max-sm:px-4">
      <Mark />
      <h1 className="mt-3 text-3xl">{t('Welcome to Mellow Divot')}</h1>
      <p className="mt-2 max-w-prose text-lg leading-relaxed">
        {t(
          'Every shot is worked out for one player and the clubs in that player’s bag. Say who your first player is, and read the first bunker.',
        )}
      </p>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void begin();
        }}
        className="mt-5 space-y-4"
      >
        <div className="grid grid-cols-[2fr_1fr] gap-4 max-sm:grid-cols-1">
          {names && (
            <TextInput
              label={t('Name of your academy')}
              maxLength={80}
              value={name}
              onChange={({ target }) => setName(target.value)}
            />
          )}
          <Pick label={t('Units')} value={units} onValue={onUnits} options={UNIT_CHOICES} />
        </div>
        <Prose
          label={t(
            'Your first player, in a sentence: name, level or handicap, clubs with loft, bounce and carry',
          )}
          rows={3}
          maxLength={LONGEST_SENTENCE}
          placeholder={EXAMPLE[units]}
          value={sentence}
          onChange={({ target }) => setSentence(target.value)}
        />
        {sentence.trim() !== '' && (
          <div role="status" className="border-l-4 border-hairline pl-3">
            <p>
              <strong>{t('Understood:')}</strong>{' '}
              {[
                record.name,
                record.handicap === undefined
                  ? SKILL_WORDS[record.skill]
                  : t('handicap {level}', {
                      level: handicapWords(record.handicap),
                    }),
                HAND_WORDS[record.handed],
                record.usual_miss && t('usually {miss}', { miss: MISS_NAMES[record.usual_miss] }),
                ...record.bag.map((club) => clubWords(club, units)),
              ]
                .filter(Boolean)
                .join(', ')}
              .
            </p>
            {unread.length > 0 && (
              <p>
                <strong>{t('Not understood, and left out:')}</strong> {unread.join(', ')}.
              </p>
            )}
            {wanting.length > 0 && (
              <p>{t('{wanting} is still needed.', { wanting: capital(wanting.join(' and ')) })}</p>
            )}
          </div>
        )}
        <Alert>{fault}</Alert>
        <button type="submit" disabled={busy || wanting.length > 0} className="button-main">
          {busy ? t('Adding …') : t('Add the player and open the desk')}
        </button>
      </form>
      <ul className="mt-8 grid gap-4 sm:grid-cols-3">
        {OTHER_WAYS.map(({ href, title, text }) => (
          <li key={href}>
            <Link
              href={href}
              className="block h-full rounded border-2 border-hairline p-4 hover:bg-flag-wash hover:text-on-flag"
            >
              <span className="block text-lg font-semibold underline underline-offset-4">
                {title}
              </span>
              <span className="mt-1 block">{text}</span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-6 max-w-prose">
        {t('To look around first, stop this server and run')}{' '}
        <code className="rounded bg-paper-deep px-1.5">npm run demo</code>{' '}
        {t('with an empty data folder: it opens a made-up academy.')}
      </p>
    </main>
  );
}
