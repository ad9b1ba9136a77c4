'use client';

import { useEffect, useRef } from 'react';
import { v4 as uuid } from 'uuid';
import type { BallSource, LoggedFields, NewBall } from '@/core/lesson/balls/ball';
import type { Station } from '@/core/lesson/plan/lesson';
import { situationAt } from '@/core/lesson/plan/situationAt';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { entryMeant } from '@/core/contract/shot/setup';
import type { UnitSystem } from '@/core/ground/units/system';
import { useKept } from '../kit/useKept';
import { callKeptOf, useStationCall } from './useStationCall';

/** A ball that was logged before its call was worked out. */
export interface EarlyBall {
  id: string;
  player: string;
  station: number;
  hit_at: string;
  source: BallSource;
  fields: LoggedFields;
  /** It was struck as called: its mark is the one that the call will have. */
  asCalled: boolean;
}

interface EarlyBalls {
  /** Those that wait for their call. */
  early: readonly EarlyBall[];
  /** Takes a ball whose call is not known yet. */
  hold: (ball: Pick<EarlyBall, 'player' | 'station' | 'fields' | 'asCalled'>) => void;
  /** Lets the last ball go that waits for somebody's call at a station; false where none does. */
  dropLast: (player: string, station: number) => boolean;
}

/** The ball with its call, as it is sent. */
export const withCall = (
  { fields, asCalled, ...ball }: EarlyBall,
  call: NewBall['call'],
): NewBall => ({
  ...ball,
  call,
  ...fields,
  ...(asCalled ? { entry_m: entryMeant(call), strike: 'good' as const } : {}),
});

/**
 * Balls that are logged before their call is there: each waits, over a reload too, until the call of its own player and station is worked
 * out, whoever is at the bunker by then.
 *
 * @param onBall takes a ball with its call
 * @param onNone takes one for which no call can be found
 */
export function useEarlyBalls(
  lessonId: string,
  players: readonly RosterPlayer[],
  stations: readonly Station[],
  units: UnitSystem,
  onBall: (ball: NewBall) => void,
  onNone: (ball: EarlyBall) => void,
): EarlyBalls {
  const [{ balls }, keep] = useKept<{ balls: readonly EarlyBall[] }>(`mellow-early/${lessonId}`, {
    balls: [],
  });
  const first = balls[0];
  const player = players.find(({ id }) => id === first?.player);
  const station = first && stations[first.station];
  // A call that cannot be worked out now leaves the ball waiting: a reload tries again.
  const { found, none } = useStationCall(
    player && station ? situationAt(player, station) : null,
    units,
  );
  const on = useRef({ onBall, onNone });
  useEffect(() => {
    on.current = { onBall, onNone };
  });
  useEffect(() => {
    if (!first) return;
    const gone = !player || !station;
    if (!gone && !found && !none) return;
    if (found && player) on.current.onBall(withCall(first, callKeptOf(found, player)));
    else on.current.onNone(first);
    keep((now) => ({ balls: now.balls.filter(({ id }) => id !== first.id) }));
  }, [first, player, station, found, none, keep]);
  return {
    early: balls,
    hold: (ball) =>
      keep((now) => ({
        balls: [
          ...now.balls,
          { ...ball, id: uuid(), hit_at: new Date().toISOString(), source: 'hand' },
        ],
      })),
    dropLast: (whose, at) => {
      const last = balls.findLast((ball) => ball.player === whose && ball.station === at);
      if (last) keep((now) => ({ balls: now.balls.filter(({ id }) => id !== last.id) }));
      return last !== undefined;
    },
  };
}
