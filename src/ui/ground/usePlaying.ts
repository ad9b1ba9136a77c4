'use client';
import { sayFact } from '@/core/tell/facts/sayFact';

import { t } from '@/core/tell/language/t';
import { atFlag } from '@/core/tell/sheet/atFlag';
import { launchOver } from '@/core/ground/situation/lip';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { sensible } from '@/core/place/rose/rose';
import type { Place } from '@/core/place/record/place';
import type { DrawnPlace } from '@/core/place/sight/drawnPlace';
import { groundShot, type Playing } from '@/core/place/sight/groundShot';
import { escapeInput } from '@/core/place/sight/shotFrom';
import { sightOf, wayFrom } from '@/core/place/sight/sight';
import { inHouse, type RosterPlayer } from '@/core/lesson/players/player';
import type { HousePreferences } from '@/core/lesson/players/house';
import { FaultyInput } from '@/core/contract/check/fault';
import { readFor } from '../desk/state/situation';
import { useCalls } from '../desk/state/useCalls';
import { useUnits } from '../kit/units';
import { useField } from './useField';
import { useRose } from './useRose';
import { useSpot, type Played } from './useSpot';

/** Who may play, what is preferred, and what the address said to begin with. */
export interface PlayingBegins {
  players: readonly RosterPlayer[];
  house: HousePreferences;
  /** Today, YYYY-MM-DD. */
  today: string;
  /** What the address says of ball, lie, flag and player. */
  first: Played;
  firstPlayer: string | null;
}

const NOTHING_READ = { sight: null, bare: null, fault: null };

/**
 * A ball in the sand of a place: what is read off the ground, the ways out, and what is called.
 *
 * @param on false where nothing is played: nothing is worked out then
 * @param held true while the ball is dragged
 */
export function usePlaying(
  place: Place,
  drawn: DrawnPlace,
  { players, house, today, first, firstPlayer }: PlayingBegins,
  on: boolean,
  held: boolean,
) {
  const { played, spot, putBall, play } = useSpot(drawn, first, today);
  const [playerId, setPlayer] = useState(firstPlayer);
  const [fieldAsked, askField] = useState(false);
  const own = players.find(({ id }) => id === playerId) ?? players[0]!;
  const player = useMemo(() => inHouse(own, house), [own, house]);
  const { handed } = player;
  const { lie } = played;
  const how = useMemo<Playing>(() => ({ handed, lie, day: today }), [handed, lie, today]);

  // The ball follows the hand; what is read off the ground follows the ball as soon as there is time.
  const followed = useDeferredValue(spot);
  const { sight, bare, fault } = useMemo(() => {
    if (!followed) return NOTHING_READ;
    try {
      return {
        sight: sightOf(drawn, followed),
        bare: groundShot(drawn, followed, how),
        fault: null,
      };
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      return {
        ...NOTHING_READ,
        fault: t('The flag {message}.', { message: sayFact(error.faults[0]!.message) }),
      };
    }
  }, [drawn, followed, how]);

  // While the ball is dragged the ways out are those from where it lay.
  const [rested, setRested] = useState(followed);
  if (!held && rested !== followed) setRested(followed);
  const rose = useRose(drawn, on && sight ? rested : null, player, how, held);
  const petals = rose.value?.petals;
  const flagAsks = sight ? launchOver(sight.lip) : 0;
  const named = useMemo(() => sensible(petals ?? [], flagAsks), [petals, flagAsks]);
  const shot = useMemo(() => {
    if (!followed || !bare) return null;
    const escapes = named.map(({ toward }) => escapeInput(wayFrom(drawn, followed, toward)));
    return escapes.length > 0 ? { ...bare, escapes } : bare;
  }, [drawn, followed, bare, named]);
  const read = shot && readFor(player, shot);
  const calls = useCalls(read?.situation ?? {}, useUnits(), held || !read || !rose.value);
  const field = useField(place, followed, player, how, on && fieldAsked);
  useSpotInAddress(played, playerId);
  return {
    players,
    player,
    onPlayer: setPlayer,
    played,
    onPlayed: play,
    putBall,
    /** Where the ball is, and where it was when all of this was read. */
    spot,
    followed,
    sight,
    fault,
    shot,
    /** The shot as the core has it; null where it cannot be played. */
    situated: read && 'reading' in read ? read.reading.question.shot : null,
    answer: calls.answer,
    /** Strokes with the best call at the flag; null where nothing gets out there or it is not known yet. */
    flagStrokes:
      calls.answer?.sheet.calls.find((call) => atFlag(call) && !call.attempt)?.odds
        .expected_strokes ?? null,
    busy: calls.busy || !rose.value,
    failure: calls.failure,
    rose,
    named,
    field,
    fieldAsked,
    onField: askField,
  };
}

/** Keeps ball, lie, flag and player in the address: a reload, or the way back from the desk, finds them. */
function useSpotInAddress({ ball, lie, green, flag }: Played, player: string | null): void {
  useEffect(() => {
    const query = new URLSearchParams();
    if (player) query.set('player', player);
    if (ball) query.set('ball', ball.map((each) => each.toFixed(2)).join(','));
    if (lie !== 'clean') query.set('lie', lie);
    if (green && flag) query.set('flag', `${green}/${flag}`);
    const timer = setTimeout(() => {
      const text = query.toString();
      if (window.location.search.slice(1) === text) return;
      window.history.replaceState(null, '', `${window.location.pathname}${text ? `?${text}` : ''}`);
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [ball, lie, green, flag, player]);
}

/** How long a ball must rest before the address follows it, ms. */
const REST_MS = 300;
