'use client';

import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { stationOf, type BunkerTest, type StoredTest } from '@/core/lesson/bunkerTest/test';
import { keep, keptIn, letGo } from '../kit/kept';
import { useTurn } from '../kit/useTurn';
import { ask, saidOf } from '../server/client';

interface TappedTest {
  test: BunkerTest;
  /** What is wrong where the latest tap is not saved. */
  fault: string | null;
  hit: (band: number) => void;
  undo: () => void;
  saveAgain: () => void;
}

/**
 * A bunker test as it is tapped. A tap stands at once; where it cannot be saved it is said, and the next saves all of it. One
 * that was on its way when the page was loaded again is kept in this tab, and saved then.
 *
 * @param stored as the server had it
 */
export function useTappedTest(id: string, stored: BunkerTest): TappedTest {
  const [test, setTest] = useState(stored);
  const [fault, setFault] = useState<string | null>(null);
  const key = `bunker-test/${id}`;
  const newest = useRef<BunkerTest | null>(null);
  const inTurn = useTurn();

  const standing = (): BunkerTest => (newest.current ??= { ...stored, ...keptIn(key) });
  const put = (next: BunkerTest): void => {
    setTest(next);
    newest.current = next;
    keep(key, { hits: next.hits });
    // One after another: an answer that comes late says nothing of what was tapped since.
    void inTurn(async () => {
      if (newest.current !== next) return;
      const answered = await ask<StoredTest>(`/api/tests/${id}`, 'PUT', next);
      if (newest.current !== next) return;
      if (answered.kind === 'ok') letGo(key);
      setFault(answered.kind === 'ok' ? null : saidOf(answered));
    });
  };
  const saveAgain = (): void => put({ ...standing() });
  const saveKept = useEffectEvent((): void => {
    if (newest.current === null && keptIn(key)) saveAgain();
  });
  useEffect(() => {
    // After the first paint: the server knows nothing of this tab, and both must draw the same at first.
    const timer = setTimeout(() => saveKept(), 0);
    return () => clearTimeout(timer);
  }, []);

  return {
    test,
    fault,
    hit: (band) => {
      const now = standing();
      const { hits, balls } = now;
      if (hits.length === balls) return;
      put({ ...now, hits: [...hits, { station: stationOf(hits.length, balls), band }] });
    },
    undo: () => {
      const now = standing();
      if (now.hits.length > 0) put({ ...now, hits: now.hits.slice(0, -1) });
    },
    saveAgain,
  };
}
