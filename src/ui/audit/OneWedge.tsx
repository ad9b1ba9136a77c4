'use client';

import { written } from '@/core/tell/language/written';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { clubsToTry, isAsItIs, type WedgeChange } from '@/core/search/audit/oneWedge';
import type { Player } from '@/core/ground/player/player';
import { degrees } from '@/core/ground/units/angle';
import type { MixChoice } from '@/core/contract/reading/mixChoice';
import { useTask } from '../engine/useTask';
import { Alert } from '../kit/Alert';

/** How far the search is, and what it came to. */
interface WedgeSearch {
  done: number;
  total: number;
  changes: readonly WedgeChange[] | null;
}

/** A saving with its standard error, to as many decimals as the error has. */
function savingWords(saving: number, error: number): string {
  const digits = error >= 0.005 ? 2 : 3;
  return written(`${saving.toFixed(digits)} ± ${error.toFixed(digits)}`);
}

/** One wedge's best change, in words. */
function changeWords(change: WedgeChange, player: Player): string {
  const { instead, loftDeg, bounceDeg, saving, error } = change;
  const club = player.bag.find(({ name }) => name === instead)!;
  const now = `${Math.round(degrees(club.loft))}/${Math.round(degrees(club.bounce))}`;
  if (isAsItIs(club, change))
    return t('The {instead} ({now}) suits this player.', { instead, now });
  if (saving < 2 * error || saving < 0.02) {
    return t(
      'Nothing clearly better than the {instead} ({now}): the best alternative saves {saving}.',
      { instead, now, saving: savingWords(saving, error) },
    );
  }
  return t(
    'For the {instead} ({now}) a {loft}/{bounce} would save {saving} strokes a bunker shot.',
    { instead, now, loft: loftDeg, bounce: bounceDeg, saving: savingWords(saving, error) },
  );
}

interface OneWedgeProps {
  player: Player;
  /** The player's situation, in the house's schools and caution. */
  situation: object;
  choice: MixChoice;
}

/** The loft and bounce of one wedge that would save most over a mix of shots, searched for on demand. */
export function OneWedge({ player, situation, choice }: OneWedgeProps) {
  const [asked, setAsked] = useState<object | null>(null);
  const task = useTask<WedgeSearch>(asked, async ({ engine, signal, show }) => {
    const mix = await engine.run('mix', [choice], { signal });
    const total = clubsToTry(player.bag);
    let done = 0;
    const tries = Array.from({ length: total }, async (_, index) => {
      const results = await engine.run('tryClub', [situation, mix, index], { signal });
      done += 1;
      show({ done, total, changes: null });
      return results;
    });
    const results = await Promise.all(tries);
    const changes = await engine.run('wedgeChanges', [player, mix, results], { signal });
    return { done, total, changes };
  });
  const { value: search, failure } = task;
  const running = task.status === 'running';
  const wedges = player.bag.filter(({ type }) => type === 'wedge');

  return (
    <section aria-labelledby="one-wedge">
      <h3 id="one-wedge" className="text-lg">
        {t('A better wedge?')}
      </h3>
      {wedges.length === 0 ? (
        <p>{t('There is no wedge in the bag to change.')}</p>
      ) : (
        <>
          <div className="flex items-center gap-3">
            {running ? (
              <button type="button" onClick={task.stop} className="button">
                {t('Stop')}
              </button>
            ) : (
              <button type="button" onClick={() => setAsked({})} className="button">
                {search?.changes ? t('Search again') : t('Find a better wedge')}
              </button>
            )}
            {running && (
              <progress
                aria-label={t('Clubs tried')}
                value={search?.done ?? 0}
                max={search?.total ?? 1}
                className="progress grow"
              />
            )}
          </div>
          {failure && <Alert className="mt-2">{failure.message}</Alert>}
          {task.status === 'stopped' && (
            <p className="mt-2">
              {t('Stopped after {done} of {clubsToTry} clubs.', {
                done: search?.done ?? 0,
                clubsToTry: clubsToTry(player.bag),
              })}
            </p>
          )}
          {search?.changes && (
            <>
              <ul className="mt-2 space-y-1.5" aria-live="polite">
                {search.changes.map((change) => (
                  <li key={change.instead}>{changeWords(change, player)}</li>
                ))}
              </ul>
              <p className="mt-2 border-l-4 border-flag pl-2 text-sm leading-snug">
                {t(
                  'Take this to a fitter, who sees the swing, the turf and the rest of the bag. The ± is the error of the simulated swings only; the mix of shots and the model are taken as they are.',
                )}
              </p>
            </>
          )}
        </>
      )}
    </section>
  );
}
