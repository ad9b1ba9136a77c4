'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { RadioGroup } from 'radix-ui';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { usePlayersCalled } from '../server/usePlayersCalled';
import { SKILL_WORDS } from '@/core/tell/words/player';
import { Alert } from '../kit/Alert';

interface PlayerPanelProps {
  /** Players known to the desk. */
  players: readonly RosterPlayer[];
  value: string;
  onValue: (player: RosterPlayer) => void;
  /** A player was picked with Enter: there is nothing more to do here. */
  onDone: () => void;
}

/** Players found that are shown. */
const MOST = 20;

/** The players with hand, skill and what they carry into the sand; others are found by name. */
export function PlayerPanel({ players, value, onValue, onDone }: PlayerPanelProps) {
  const { found, fault, searched, field } = usePlayersCalled(MOST, ([first]) => {
    if (!first) return;
    onValue(first);
    onDone();
  });
  const shown = searched ? (found ?? []) : players;
  return (
    <>
      <h2 className="mb-2 flex items-baseline justify-between text-base">
        {t('Player')}
        <Link
          prefetch={false}
          href={`/players/${value}`}
          className="text-sm font-normal underline underline-offset-4"
        >
          {t('player page')}
        </Link>
      </h2>
      <input {...field} className="box mb-2 w-full px-3 text-base" />
      {found?.length === 0 && <p>{t('No match.')}</p>}
      {fault && <Alert>{fault}</Alert>}
      <RadioGroup.Root
        aria-label={t('Player')}
        value={value}
        onValueChange={(id) => onValue(shown.find((player) => player.id === id)!)}
        className="flex flex-col gap-1"
      >
        {shown.map((player) => (
          <RadioGroup.Item
            key={player.id}
            value={player.id}
            className="rounded border-2 border-transparent px-2 py-1.5 text-left hover:border-hairline lit-when-chosen"
          >
            <span className="block font-semibold">
              {player.name}
              {player.handed === 'left' && ` ${t('· left-handed')}`}
            </span>
            <span className="block text-sm">
              {SKILL_WORDS[player.skill]} · {player.bag.map(({ name }) => name).join(', ')}
            </span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </>
  );
}
