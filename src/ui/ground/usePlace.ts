'use client';

import { useEffect, useRef, useState } from 'react';
import { FaultyInput } from '@/core/contract/check/fault';
import { faultWords } from '@/core/tell/facts/faultWords';
import { readPlace, type Place } from '@/core/place/record/place';
import type { StoredPlace } from '@/core/place/record/stored';
import { keep, keptIn, letGo } from '../kit/kept';
import { useHistory } from '../kit/useHistory';
import { useTurn } from '../kit/useTurn';
import { ask, saidOf } from '../server/client';

/** How a place stands with the server. */
export type Saving =
  | { state: 'saved' | 'saving' }
  /** What is wrong with it, or that the server is away: nothing was saved. */
  | { state: 'unsaved'; why: string }
  /** Another device saved it since. */
  | { state: 'elsewhere'; theirs: StoredPlace };

const SAVING: Saving = { state: 'saving' };

/** How long a place must rest before it is saved, ms. */
const REST_MS = 400;

const keyOf = (id: string): string => `ground-${id}`;

/** A place that is drawn on: with steps back and forward, saved by itself, kept in this tab until it is. */
export function usePlace(stored: StoredPlace) {
  const { id } = stored;
  const { now: place, set, undo, redo, canUndo, canRedo } = useHistory<Place>(stored.place);
  const [saving, setSaving] = useState<Saving>({ state: 'saved' });
  const [again, setAgain] = useState(0);
  const version = useRef(stored.version);
  const [saved, setSaved] = useState(stored.place);
  // One request after the other: each names the version that the one before it made.
  const inTurn = useTurn();
  const latest = useRef(stored.place);

  useEffect(() => {
    // After the first paint: the server knows nothing of this tab.
    const timer = setTimeout(() => {
      const kept = keptIn<{ place: Place; version: string }>(keyOf(id));
      if (kept?.place && kept.version === version.current) set(kept.place);
      else letGo(keyOf(id));
    }, 0);
    return () => clearTimeout(timer);
  }, [id, set]);

  useEffect(() => {
    latest.current = place;
    if (place === saved) return;
    keep(keyOf(id), { place, version: version.current });
    const timer = setTimeout(() => void inTurn(save), REST_MS);
    const save = async (): Promise<void> => {
      if (latest.current !== place) return;
      try {
        readPlace(place);
      } catch (error) {
        if (!(error instanceof FaultyInput)) throw error;
        return setSaving({ state: 'unsaved', why: faultWords(error.faults) });
      }
      setSaving({ state: 'saving' });
      const url = `/api/places/${id}?from=${version.current}`;
      const reply = await ask<StoredPlace>(url, 'PUT', place);
      if (reply.kind === 'ok') {
        version.current = reply.body.version;
        setSaved(place);
        letGo(keyOf(id));
        return setSaving({ state: 'saved' });
      }
      if (reply.kind === 'refused' && reply.status === 409) {
        const theirs = await ask<StoredPlace>(`/api/places/${id}`);
        if (theirs.kind === 'ok') return setSaving({ state: 'elsewhere', theirs: theirs.body });
      }
      setSaving({ state: 'unsaved', why: saidOf(reply) });
    };
    return () => clearTimeout(timer);
  }, [id, place, saved, again, inTurn]);

  return {
    place,
    change: set,
    undo,
    redo,
    canUndo,
    canRedo,
    // What rests before it is saved is not saved.
    saving: saving.state === 'saved' && place !== saved ? SAVING : saving,
    tryAgain: (): void => setAgain((n) => n + 1),
    /** Of two versions this one, over the other device's. */
    keepMine: (theirs: StoredPlace): void => {
      version.current = theirs.version;
      setAgain((n) => n + 1);
    },
    /** Of two versions the other device's; this one is a step back. */
    takeTheirs: (theirs: StoredPlace): void => {
      version.current = theirs.version;
      setSaved(theirs.place);
      letGo(keyOf(id));
      set(theirs.place);
      setSaving({ state: 'saved' });
    },
  };
}
