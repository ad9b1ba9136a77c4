'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { toast } from 'sonner';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { Learning } from '@/core/lesson/learning/learn';
import { FEWEST_LEARNT } from '@/core/lesson/learning/decision';
import { learnWords } from '@/core/tell/lessons/learnedWords';
import { recordOf, type RosterPlayer } from '@/core/lesson/players/player';
import type { PlacedBall } from '@/core/lesson/review/against';
import { counted } from '@/core/tell/words/counted';
import { useTask } from '../engine/useTask';
import { Alert } from '../kit/Alert';
import { TickBox } from '../kit/TickBox';
import { useUnits } from '../kit/units';
import { ask, bodyOf } from '../server/client';
import { isDone } from '../server/said';
import { sendLearnt } from './useDecisions';

interface LearnTogetherProps {
  players: readonly RosterPlayer[];
  onLearnt: (player: string, learnt: LearntFactors) => void;
}

/** What was learnt of each player so far; null where there are no balls. */
type Known = ReadonlyMap<string, Learning | null>;

/** What the balls of all lessons say of each player of a group, in one list, and all of it taken over at once. */
export function LearnTogether({ players, onLearnt }: LearnTogetherProps) {
  const units = useUnits();
  const [asked, setAsked] = useState(false);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [saving, setSaving] = useState(false);
  // What is learnt does not hang on what was learnt before: by their ids, so that taking numbers over asks nothing anew.
  const group = players.map(({ id }) => id).join();
  const { status, value, failure } = useTask<Known>(
    asked ? group : null,
    async ({ engine, signal, show }) => {
      const known = new Map<string, Learning | null>();
      for (const player of players) {
        const balls = await bodyOf(ask<PlacedBall[]>(`/api/players/${player.id}/balls`));
        known.set(player.id, await engine.run('learn', [recordOf(player), balls], { signal }));
        show(new Map(known));
      }
      return known;
    },
  );
  const enough = (id: string): boolean => (value?.get(id)?.balls ?? 0) >= FEWEST_LEARNT;
  const chosen = players.filter(({ id }) => enough(id) && !left.has(id));

  const use = async (): Promise<void> => {
    setSaving(true);
    let saved = 0;
    for (const { id } of chosen) {
      const answered = await sendLearnt(id, value!.get(id)!.factors);
      if (!isDone(answered)) break;
      onLearnt(id, answered.body);
      saved++;
    }
    setSaving(false);
    if (saved > 0)
      toast.success(
        t('Saved for {players}. Calls and the distance ladder use these numbers now.', {
          players: counted(saved, 'player'),
        }),
      );
  };

  return (
    <details
      className="no-print border-t border-hairline"
      onToggle={({ currentTarget }) => currentTarget.open && setAsked(true)}
    >
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        {t('What the balls show of everyone')}
      </summary>
      {failure && <Alert>{failure.message}</Alert>}
      <ul>
        {players.map(({ id, name, learnt }) => {
          const learning = value?.get(id);
          return (
            <li
              key={id}
              className="grid grid-cols-[12rem_minmax(0,1fr)] gap-x-4 border-b border-hairline py-1.5 max-sm:grid-cols-1"
            >
              <TickBox
                label={name}
                checked={enough(id) && !left.has(id)}
                disabled={!enough(id) || saving}
                onChecked={(on) =>
                  setLeft(
                    (now) => new Set(on ? [...now].filter((each) => each !== id) : [...now, id]),
                  )
                }
              />
              <div className="text-sm leading-snug">
                {learning === undefined ? (
                  <p>{failure ? '' : t('Working it out …')}</p>
                ) : learning === null || learning.balls === 0 ? (
                  <p>{t('No balls logged for this player.')}</p>
                ) : (
                  <>
                    {learnWords(learning, units).map((line) => (
                      <p key={line}>{line}</p>
                    ))}
                    <p className="text-ink-soft">
                      {counted(learning.balls, 'ball')}
                      {learnt &&
                        `. ${t('Calls use version {version}, from {balls} balls.', {
                          version: learnt.version,
                          balls: learnt.balls,
                        })}`}
                      {!enough(id) &&
                        `. ${t('At least {fewest} balls are needed.', { fewest: FEWEST_LEARNT })}`}
                    </p>
                  </>
                )}
              </div>
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        disabled={status === 'running' || saving || chosen.length === 0}
        onClick={() => void use()}
        className="button mt-2"
      >
        {t('Use the numbers of {players}', { players: counted(chosen.length, 'player') })}
      </button>
    </details>
  );
}
