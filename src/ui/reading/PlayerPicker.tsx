'use client';

import { t } from '@/core/tell/language/t';
import { ArrowUp, X } from 'lucide-react';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { Alert } from '../kit/Alert';
import { usePlayersCalled } from '../server/usePlayersCalled';

interface PlayerPickerProps {
  /** Players to begin with; others are found by name. */
  roster: readonly RosterPlayer[];
  nameOf: (player: string) => string;
  chosen: readonly string[];
  onChosen: (players: string[]) => void;
  /** Told of a player who was picked: it may be one who was found by name. */
  onMet: (player: RosterPlayer) => void;
}

const MOST = 8;

/** Players found that may be offered: some of them are chosen already. */
const FOUND = 12;

/** One to eight players, in the order in which they begin. */
export function PlayerPicker({ roster, nameOf, chosen, onChosen, onMet }: PlayerPickerProps) {
  const notYet = (players: readonly RosterPlayer[]) =>
    players.filter(({ id }) => !chosen.includes(id));
  const add = (player: RosterPlayer): void => {
    onMet(player);
    onChosen([...chosen, player.id]);
  };
  const { found, fault, searched, field } = usePlayersCalled(FOUND, (called) => {
    const [first] = notYet(called);
    if (first) add(first);
  });
  const offered = notYet(searched ? (found ?? []) : roster);
  return (
    <section aria-labelledby="group">
      <h2 id="group" className="text-xl">
        {t('Players')}
      </h2>
      <ol className="flex flex-wrap gap-2">
        {chosen.map((id, i) => (
          <li key={id} className="flex items-center rounded border-2 border-hairline pl-3">
            {nameOf(id)}
            <button
              type="button"
              disabled={i === 0}
              aria-label={t('Move {names} up', { names: nameOf(id) })}
              onClick={() => {
                const next = [...chosen];
                next.splice(i - 1, 2, chosen[i]!, chosen[i - 1]!);
                onChosen(next);
              }}
              className="no-print grid h-11 w-8 place-items-center disabled:opacity-30"
            >
              <ArrowUp size={14} aria-hidden="true" />
            </button>
            <button
              type="button"
              aria-label={t('Remove {names}', { names: nameOf(id) })}
              onClick={() => onChosen(chosen.filter((each) => each !== id))}
              className="no-print grid h-11 w-9 place-items-center hover:text-harm"
            >
              <X size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
        {chosen.length === 0 && <li>{t('No players yet.')}</li>}
      </ol>
      {chosen.length < MOST && (
        <div className="no-print mt-2 flex flex-wrap items-center gap-2">
          <input {...field} className="box w-48 px-3" />
          {offered.slice(0, 8).map((player) => (
            <button
              key={player.id}
              type="button"
              onClick={() => add(player)}
              className="button border-dashed px-3 hover:bg-flag-wash hover:text-on-flag"
            >
              + {player.name}
            </button>
          ))}
          {found?.length === 0 && <p>{t('No match.')}</p>}
          {fault && <Alert>{fault}</Alert>}
        </div>
      )}
    </section>
  );
}
