'use client';

import { t } from '@/core/tell/language/t';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { AlertDialog } from 'radix-ui';
import { useState } from 'react';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { ask, saidOf } from '../server/client';
import type { Closable } from '../kit/Overlay';
import { forgetKeptPage } from '../kit/keptPage';
import { Question } from '../kit/Question';
import { useLine } from '../kit/useLine';
import { NamedElsewhere } from './NamedElsewhere';
import { Alert } from '../kit/Alert';

/** Asks, and takes everything about a player away for good. */
export function EraseDialog({ player, onClose }: Closable & { player: RosterPlayer }) {
  const router = useRouter();
  const cache = useQueryClient();
  const [words, setWords] = useState<readonly string[]>([]);
  const { text, input, submit, fault } = useLine(async () => {
    const answered = await ask(`/api/players/${player.id}/erase`, 'POST', { words });
    if (answered.kind !== 'ok') return saidOf(answered);
    // Nothing that was fetched while the player was there may show the player again.
    cache.clear();
    await forgetKeptPage();
    router.push('/players');
    return null;
  });
  const sure = text.trim() === player.name;
  return (
    <Question
      title={t('Erase {player}?', { player: player.name })}
      says={t(
        'The player’s bag, readings, drafts, balls and logged shots are removed for good, with the full name wherever it was written. There is no undo. If you may want it again, export everything first: importing that file brings the player back.',
      )}
      harm
      onClose={onClose}
    >
      <NamedElsewhere playerId={player.id} words={words} onWords={setWords} />
      <form onSubmit={sure ? submit : (event) => event.preventDefault()}>
        <label className="mt-3 block font-semibold">
          {t('Type the name to go on')}
          <input autoComplete="off" {...input} className="box mt-1 w-full px-3 font-normal" />
        </label>
        <Alert className="mt-1 min-h-5">{fault}</Alert>
        <div className="mt-2 flex justify-end gap-3">
          <AlertDialog.Cancel className="button-quiet">{t('Keep')}</AlertDialog.Cancel>
          <button
            type="submit"
            disabled={!sure}
            className="h-11 rounded border-2 border-harm px-5 font-semibold text-harm disabled:opacity-50"
          >
            {t('Erase for good')}
          </button>
        </div>
      </form>
    </Question>
  );
}
