'use client';

import { t } from '@/core/tell/language/t';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { FEWEST_LEARNT } from '@/core/lesson/learning/decision';
import { learnWords, savingWords } from '@/core/tell/lessons/learnedWords';
import type { Station } from '@/core/lesson/plan/lesson';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { degrees, radians } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/unitFor';
import { counted, type PlacedBall } from '@/core/lesson/review/against';
import { ask, bodyOf } from '../server/client';
import { ChannelCurve } from './ChannelCurve';
import { Decisions } from './Decisions';
import { MovesView } from './MovesView';
import { useDecisions } from './useDecisions';
import { useLearning } from './useLearning';
import { useUnits } from '../kit/units';

interface LearnPanelProps {
  player: RosterPlayer;
  /** Balls of the lesson that is looked at, as they are shown. */
  balls: readonly PlacedBall[];
  stations: readonly Station[];
  onLearnt: (learnt: LearntFactors | undefined) => void;
}

const NONE: readonly PlacedBall[] = [];

/** A logarithm of distance as how much further, per cent. */
const PERCENT = {
  unit: '%',
  shown: (value: number): number => (Math.exp(value) - 1) * 100,
  valueOf: (shown: number): number => Math.log(1 + shown / 100),
};

/** Balls of the player that count, over all lessons; null while they are fetched, with why when they do not come. */
function useAllBalls(playerId: string) {
  const { data, error } = useQuery({
    queryKey: [t('balls of'), playerId],
    queryFn: () => bodyOf(ask<PlacedBall[]>(`/api/players/${playerId}/balls`)),
    select: counted,
    // A ball may have been logged or excluded since they were fetched.
    staleTime: 0,
  });
  return { all: data ?? null, away: error?.message ?? null };
}

/** What the balls say of a player: before and after, in words and drawn, what it would change; taken over, held or let go. */
export function LearnPanel({ player, balls, stations, onLearnt }: LearnPanelProps) {
  const units = useUnits();
  const [whole, setWhole] = useState(true);
  const { all, away } = useAllBalls(player.id);
  const used = whole ? (all ?? NONE) : balls;
  const { learnt } = player;
  const { learning, moves, fault } = useLearning({ player, balls: used, stations, units });
  const { decisions, accept, hold, letGo } = useDecisions(player.id, onLearnt);
  const [last] = decisions;
  const small = unitFor('short', units);

  return (
    <section aria-labelledby="learn">
      <div className="flex flex-wrap items-center gap-x-5">
        <h2 id="learn" className="text-xl">
          {t('What the balls show: {player}', { player: player.name })}
        </h2>
        <div role="radiogroup" aria-label={t('Which balls')} className="flex gap-1">
          {[true, false].map((each) => (
            <button
              key={String(each)}
              type="button"
              role="radio"
              aria-checked={whole === each}
              onClick={() => setWhole(each)}
              className="min-h-11 rounded px-2 lined-when-chosen"
            >
              {each
                ? t('all lessons{all}', { all: all ? ` (${all.length})` : '' })
                : t('only the balls above ({balls})', { balls: balls.length })}
            </button>
          ))}
        </div>
      </div>
      {!learning ? (
        <p aria-live="polite">
          {fault
            ? fault
            : used.length === 0 && (!whole || all)
              ? t('No balls logged for this player.')
              : whole && away
                ? away
                : t('Working it out …')}
        </p>
      ) : (
        <div className="mt-1 grid grid-cols-[1fr_minmax(0,24rem)] gap-8 max-lg:grid-cols-1">
          <div>
            <ul className="space-y-1.5 leading-snug">
              {learnWords(learning, units).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            {moves?.saving && <p className="mt-3 font-semibold">{savingWords(moves.saving)}</p>}
            {moves ? <MovesView moves={moves} /> : <p className="mt-3">{t('Comparing …')}</p>}
            <div className="mt-3 flex flex-wrap items-center gap-3">
              <button
                type="button"
                disabled={learning.balls < FEWEST_LEARNT}
                onClick={() => void accept(learning.factors)}
                className="button"
              >
                {t('Use these numbers')}
              </button>
              <button type="button" onClick={() => void hold(learning.balls)} className="button">
                {t('Not yet')}
              </button>
              {learnt && (
                <button type="button" onClick={() => void letGo()} className="button">
                  {t('Stop using them')}
                </button>
              )}
              <p className="text-sm text-ink-soft">
                {learnt
                  ? t('Calls use version {version}, from {balls} balls.', {
                      version: learnt.version,
                      balls: learnt.balls,
                    })
                  : t(
                      'Calls use the averages for this level until you choose to use these numbers.',
                    )}
                {last?.decision === 'held' &&
                  ` ${t('Set aside at {balls} balls.', { balls: last.balls })}`}
                {learning.balls < FEWEST_LEARNT &&
                  ` ${t('At least {fewest} balls are needed.', { fewest: FEWEST_LEARNT })}`}
              </p>
            </div>
            <Decisions
              decisions={decisions}
              current={learnt?.version}
              onUse={({ version: _version, ...factors }) => void accept(factors)}
            />
          </div>
          <div className="grid content-start gap-3 max-lg:grid-cols-3 max-sm:grid-cols-1">
            <ChannelCurve
              name={t('Entry point (right: further behind the ball)')}
              scale={{
                unit: small,
                shown: (value) => fromMetres(value, small),
                valueOf: (shown) => toMetres(shown, small),
              }}
              channel={learning.mark}
            />
            <ChannelCurve
              name={t('Distance from the same swing')}
              scale={PERCENT}
              channel={learning.distance}
            />
            <ChannelCurve
              name={t('Start direction (right: the player’s side)')}
              scale={{ unit: t('degrees'), shown: degrees, valueOf: radians }}
              channel={learning.direction}
            />
            <p className="text-sm text-ink-soft max-lg:col-span-full">
              {t(
                '0 = as planned. Dashed: typical for this level. Solid: this player. The band holds the true average with 90% confidence.',
              )}
            </p>
          </div>
        </div>
      )}
    </section>
  );
}
