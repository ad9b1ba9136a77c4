'use client';

import { useMemo, useState } from 'react';
import type { Lie } from '@/core/ground/sand/lie';
import type { Point } from '@/core/place/outline/ring';
import { shapeAt, type DrawnPlace } from '@/core/place/sight/drawnPlace';
import { flagsOn, usualFlag } from '@/core/place/sight/flagsOn';
import { middleOfSand } from '@/core/place/sight/middleOfSand';
import { spotAt, type Spot } from '@/core/place/sight/sight';
import { unlessFaulty } from '@/core/contract/check/fault';

/** What is played: where the ball lies and how, and the flag, by their ids. */
export interface Played {
  ball: Point | null;
  lie: Lie;
  green: string | null;
  flag: string | null;
}

/** As the address keeps it: what is read again from there is the same ball. */
const toCentimetre = (metres: number): number => Math.round(metres * 100) / 100;

/** The spot that is played from: where nothing was chosen the middle of the first bunker, and the nearest flag of those in play. */
function spotFor(place: DrawnPlace, { ball, green, flag }: Played, day: string): Spot | null {
  const under = ball && shapeAt(place, ball);
  const bunker = place.bunkers.find((each) => each === under) ?? place.bunkers[0];
  if (!bunker) return null;
  const at = ball && under === bunker ? ball : middleOfSand(bunker);
  const chosen =
    flagsOn(place, day).find((each) => each.green.id === green && each.flag.id === flag) ??
    usualFlag(place, at, day);
  if (!chosen) return null;
  const { green: played, flag: cut } = chosen;
  return unlessFaulty(() =>
    spotAt(place, { bunker: bunker.id, ball: at, green: played.id, flag: cut.id }),
  );
}

/** Where the ball lies and which flag is played at; the ball stays in the sand wherever it is dragged. */
export function useSpot(place: DrawnPlace, first: Played, day: string) {
  const [played, setPlayed] = useState(first);
  const spot = useMemo(() => spotFor(place, played, day), [place, played, day]);
  return {
    played,
    spot,
    /** Puts the ball down; where there is no sand it stays. */
    putBall: (put: Point): void => {
      const ball: Point = [toCentimetre(put[0]), toCentimetre(put[1])];
      const under = shapeAt(place, ball);
      if (under?.lying === 'sand') setPlayed((now) => ({ ...now, ball }));
    },
    play: (change: Partial<Played>): void => setPlayed((now) => ({ ...now, ...change })),
  };
}
