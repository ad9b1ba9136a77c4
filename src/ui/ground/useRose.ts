'use client';

import { useMemo } from 'react';
import type { Petal, RoseLook } from '@/core/place/rose/petal';
import { PETAL_TURNS } from '@/core/place/rose/rose';
import type { DrawnPlace } from '@/core/place/sight/drawnPlace';
import { groundShot, type Playing } from '@/core/place/sight/groundShot';
import { wayFrom, type Spot } from '@/core/place/sight/sight';
import { situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import { useTask, type Task } from '../engine/useTask';

/** A rose as far as it is known. */
export interface Rose {
  petals: readonly Petal[];
  /** True once every petal has been looked at as the desk does. */
  fine: boolean;
  /** Petals looked at finely. */
  done: number;
}

/** Directions that one thread is asked at a time: a situation holds so many. */
const TOGETHER = 6;

const LOOKS: readonly RoseLook[] = ['coarse', 'fine'];

/**
 * The ways out round a ball: coarsely at once, then as the desk looks at them.
 *
 * @param waiting true while the ball is dragged: nothing is looked at until it is let go
 */
export function useRose(
  place: DrawnPlace,
  spot: Spot | null,
  player: RosterPlayer,
  playing: Playing,
  waiting: boolean,
): Task<Rose> {
  const [asked, key] = useMemo(() => {
    const situations = spot ? situationsFrom(place, spot, player, playing) : null;
    return [situations, situations && JSON.stringify(situations)];
  }, [place, spot, player, playing]);
  return useTask<Rose>(
    key,
    async ({ engine, signal, show }) => {
      let rose: Rose = { petals: [], fine: false, done: 0 };
      for (const look of LOOKS) {
        const found = new Map<number, Petal>();
        const put = (petals: readonly Petal[]): void => {
          for (const petal of petals) found.set(petal.toward, petal);
          const petalOf = (old: Petal): Petal => found.get(old.toward) ?? old;
          rose =
            look === 'coarse'
              ? { ...rose, petals: [...found.values()] }
              : { ...rose, petals: rose.petals.map(petalOf), done: found.size };
          show(rose);
        };
        await Promise.all(
          (asked ?? []).map(async (situation) =>
            put(await engine.run('petals', [situation, look], { signal })),
          ),
        );
      }
      return { ...rose, fine: true };
    },
    waiting ? null : 0,
  );
}

/** A ball's situation with all ways out, a few at a time. */
function situationsFrom(
  place: DrawnPlace,
  spot: Spot,
  player: RosterPlayer,
  playing: Playing,
): object[] {
  const ways = PETAL_TURNS.map((turn) => wayFrom(place, spot, turn));
  const parts = Math.ceil(ways.length / TOGETHER);
  return Array.from({ length: parts }, (_, part) => {
    const some = ways.slice(part * TOGETHER, (part + 1) * TOGETHER);
    return situationFor(player, groundShot(place, spot, playing, some));
  });
}
