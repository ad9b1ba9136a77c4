'use client';

import { t } from '@/core/tell/language/t';
import { useEffect, useState } from 'react';
import type { TrackerAim } from '@/core/lesson/tracker/aim';
import { useTurn } from '../kit/useTurn';
import { ask, saidOf } from '../server/client';

/** A lesson's word that it listens is said again this often; the server takes it as gone after three minutes. */
const AGAIN_MS = 60_000;

const AIM = '/api/tracker/aim';

interface TrackerState {
  aim: TrackerAim | null;
}

const isFor = (aim: TrackerAim, { lesson, player, station }: TrackerAim): boolean =>
  aim.lesson === lesson && aim.player === player && aim.station === station;

/** Aims the tracker at the player, station and call at hand while it is listened to; stops when another page listens. */
export function useTracker(aim: TrackerAim | null) {
  const [on, setOn] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  // One request after the other: a word to stop must not overtake or be overtaken.
  const inTurn = useTurn();
  const wanted = on && aim ? JSON.stringify(aim) : null;
  useEffect(() => {
    if (wanted === null) return;
    let stale = false;
    const { lesson, player, station } = JSON.parse(wanted) as TrackerAim;
    const whose = `${AIM}?${new URLSearchParams({ lesson, player, station: String(station) })}`;
    const say = async (): Promise<void> => {
      const answered = await inTurn(() => ask<TrackerState>(AIM, 'PUT', JSON.parse(wanted)));
      if (!stale) setFault(answered.kind === 'ok' ? null : saidOf(answered));
    };
    const sayAgain = async (): Promise<void> => {
      const answered = await inTurn(() => ask<TrackerState>(AIM));
      if (stale) return;
      const other = answered.kind === 'ok' ? answered.body.aim : null;
      if (!other || isFor(other, JSON.parse(wanted) as TrackerAim)) return say();
      setOn(false);
      setFault(t('Another page is now listening to the tracker.'));
    };
    const leave = (): void => void fetch(whose, { method: 'DELETE', keepalive: true });
    window.addEventListener('pagehide', leave);
    const first = setTimeout(() => void say(), 0);
    const timer = setInterval(() => void sayAgain(), AGAIN_MS);
    return () => {
      stale = true;
      clearTimeout(first);
      clearInterval(timer);
      window.removeEventListener('pagehide', leave);
      // Until the next call is known a ball belongs to nobody.
      void inTurn(() => ask(whose, 'DELETE'));
    };
  }, [wanted, inTurn]);
  return { on, setOn, fault };
}
