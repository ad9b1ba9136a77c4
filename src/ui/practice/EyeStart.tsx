'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useState } from 'react';
import { LEVELS, type Level } from '@/core/lesson/eye/scene';
import { PracticeNav } from '../frame/PracticeNav';
import { TopBar } from '../frame/TopBar';
import { Pick, TextInput } from '../kit/fields';
import { PlayerLinks } from './PlayerLinks';

/** A way into the trainer: for one who learns, or for a class that sees the same round. */
export function EyeStart({ players }: { players: readonly { id: string; name: string }[] }) {
  const [kind, setKind] = useState<'own' | 'class' | 'readings'>('own');
  const [seed, setSeed] = useState('1');
  const [level, setLevel] = useState<Level>(2);
  const round =
    kind === 'class' && /^[1-9]\d{0,4}$/.test(seed) ? `?round=${seed}&level=${level}` : '';
  return (
    <>
      <TopBar room="Practice" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('The eye')}</h1>
          <PracticeNav part="The eye" />
        </header>
        <p className="mt-2 max-w-[65ch]">
          {t(
            'Ten scenes with no numbers. Estimate distance and lip, name the lie, sand and slope, and call the shot; the model plays your ball. What you miss comes back when it is due.',
          )}
        </p>
        <div className="mt-4 flex flex-wrap items-end gap-4">
          <Pick
            label={t('Round')}
            value={kind}
            onValue={setKind}
            options={[
              ['own', t('follows the trainee')],
              ['class', t('the same for a class')],
              ['readings', t('the player’s saved readings')],
            ]}
          />
          {kind === 'class' && (
            <>
              <TextInput
                label={t('Number of the round')}
                inputMode="numeric"
                maxLength={5}
                value={seed}
                onChange={({ target }) => setSeed(target.value)}
                fault={round === '' ? t('must be a whole number from 1 to 99999') : undefined}
              />
              <Pick
                label={t('Level')}
                value={String(level)}
                onValue={(value) => setLevel(Number(value) as Level)}
                options={LEVELS.map((each) => [String(each), String(each)] as const)}
              />
            </>
          )}
          {round !== '' && (
            <a href={`/practice/eye/sheet${round}`} className="button">
              {t('Sheet for the class')}
            </a>
          )}
        </div>
        {kind !== 'readings' && (
          <p className="mt-4">
            <Link prefetch={false} href={`/practice/own-eye${round}`} className="button">
              {t('Train your own eye')}
            </Link>
          </p>
        )}
        <PlayerLinks
          title={t('Who is reading?')}
          players={players}
          hrefOf={(id) =>
            `/practice/eye/${encodeURIComponent(id)}${kind === 'readings' ? '?from=readings' : round}`
          }
        />
      </main>
    </>
  );
}
