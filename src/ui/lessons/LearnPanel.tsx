'use client';

import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { Channel, Learning } from '@/core/learn/learn';
import type { LearntFactors } from '@/core/learn/learnt';
import { learnWords } from '@/core/learn/learnWords';
import { recordOf } from '@/core/roster/player';
import type { UnitSystem } from '@/core/units/system';
import type { LearnWorker, PlacedBall } from '@/workers/learn.worker';
import { ask } from '../frame/request';
import { useWorker } from '../frame/useWorker';
import type { LessonPlayer } from './types';

interface LearnPanelProps {
  player: LessonPlayer;
  balls: readonly PlacedBall[];
  units: UnitSystem;
  onLearnt: (learnt: LearntFactors | undefined) => void;
}

export const startLearning = (): Worker =>
  new Worker(new URL('../../workers/learn.worker.ts', import.meta.url), { type: 'module' });

const BUTTON = 'h-11 rounded border-2 border-hairline px-4 disabled:opacity-50';

/** What the balls say of a player: before and after, in words and drawn; taken over, held or let go. */
export function LearnPanel({ player, balls, units, onLearnt }: LearnPanelProps) {
  const worker = useWorker<LearnWorker>(startLearning);
  const [state, setState] = useState<{ question: string; learning: Learning | null } | null>(null);
  const question = JSON.stringify([recordOf(player), balls]);
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(async () => {
      const [record, placed] = JSON.parse(question) as Parameters<LearnWorker['learn']>;
      const learning = (await worker.current?.learn(record, placed)) ?? null;
      if (!stale) setState({ question, learning });
    }, 0);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [question, worker]);
  const learning = state?.question === question ? state.learning : null;

  const accept = async (): Promise<void> => {
    if (!learning) return;
    const answered = await ask<LearntFactors>(`/api/players/${player.id}/learnt`, 'POST', {
      version: 1,
      ...learning.factors,
    });
    if (!answered.ok) {
      toast.error(answered.fault);
      return;
    }
    onLearnt(answered.body);
    toast.success(`Taken over as version ${answered.body.version}: calls and ladder use it now.`);
  };
  const reset = async (): Promise<void> => {
    const answered = await ask(`/api/players/${player.id}/learnt`, 'DELETE');
    if (answered.ok) onLearnt(undefined);
    else toast.error(answered.fault);
  };

  return (
    <section aria-labelledby="learn">
      <h2 id="learn" className="text-xl">
        Learnt of {player.name}
      </h2>
      {!learning ? (
        <p>{balls.length === 0 ? 'No ball is logged for this player.' : 'Learning …'}</p>
      ) : (
        <div className="mt-1 grid grid-cols-[1fr_minmax(0,24rem)] gap-8 max-lg:grid-cols-1">
          <div>
            <ul className="space-y-1.5 leading-snug">
              {learnWords(learning, units).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <div className="mt-3 flex flex-wrap items-center gap-3">
              <button
                type="button"
                disabled={learning.balls < 5}
                onClick={() => void accept()}
                className={BUTTON}
              >
                Take it over
              </button>
              {player.learnt && (
                <button type="button" onClick={() => void reset()} className={BUTTON}>
                  Let it go
                </button>
              )}
              <p className="text-sm text-ink-soft">
                {player.learnt
                  ? `Calls use version ${player.learnt.version}, from ${player.learnt.balls} balls.`
                  : 'Calls come from the skill; nothing is taken over by itself.'}
              </p>
            </div>
          </div>
          <div className="space-y-3">
            <Curve name="mark" channel={learning.mark} />
            <Curve name="distance" channel={learning.distance} />
            <Curve name="direction" channel={learning.direction} />
          </div>
        </div>
      )}
    </section>
  );
}

const WIDTH = 380;
const HEIGHT = 84;

/** What the player's balls do about what is meant: before, dashed, and after, filled. */
function Curve({ name, channel }: { name: string; channel: Channel }) {
  const { before, after } = channel;
  const widest = 3.2 * Math.max(before.spread, after.spread.mean) + Math.abs(after.bias.mean);
  const x = (value: number): number => WIDTH / 2 + (value / widest) * (WIDTH / 2);
  const tallest = 1 / Math.min(before.spread, after.spread.mean);
  const bell = (mean: number, sd: number): string =>
    Array.from({ length: 61 }, (_, i) => {
      const value = -widest + (2 * widest * i) / 60;
      const height = Math.exp(-0.5 * ((value - mean) / sd) ** 2) / sd / tallest;
      return `${i === 0 ? 'M' : 'L'}${x(value).toFixed(1)} ${(HEIGHT - 20 - height * (HEIGHT - 32)).toFixed(1)}`;
    }).join(' ');
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${name}: spread ${(after.spread.mean / before.spread).toFixed(2)} times what the skill says, from ${channel.balls} balls`}
      className="block w-full"
    >
      <line x1="0" x2={WIDTH} y1={HEIGHT - 20} y2={HEIGHT - 20} stroke="var(--hairline)" />
      <line
        x1={WIDTH / 2}
        x2={WIDTH / 2}
        y1="6"
        y2={HEIGHT - 20}
        stroke="var(--ink-soft)"
        strokeDasharray="2 4"
      />
      <path
        d={`${bell(after.bias.mean, after.spread.mean)} Z`}
        fill="var(--call-1)"
        fillOpacity="0.25"
        stroke="var(--call-1)"
        strokeWidth="2"
      />
      <path
        d={bell(before.bias, before.spread)}
        fill="none"
        stroke="var(--call-2)"
        strokeWidth="2"
        strokeDasharray="5 4"
      />
      <text x="4" y={HEIGHT - 5} fontSize="13" fill="var(--ink)">
        {name}: dashed the skill, filled {channel.balls} balls
      </text>
    </svg>
  );
}
