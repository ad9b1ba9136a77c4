'use client';

import { useCallback, useRef, useState } from 'react';
import type { EyeResult, SceneResult } from '@/core/lesson/eye/answer';
import { useTurn } from '../kit/useTurn';
import { ask, mayComeBack, saidOf } from '../server/client';

/**
 * Scenes that were answered, each saved in its turn; those that could not be are sent again with the next, or when that is wanted.
 *
 * @param own whether they are of whoever is signed in, not a player's
 */
export function useEyeResults(before: readonly SceneResult[], own: boolean) {
  const [results, setResults] = useState(before);
  const [fault, setFault] = useState<string | null>(null);
  const waiting = useRef<(EyeResult | SceneResult)[]>([]);
  const inTurn = useTurn();

  const send = useCallback((): void => {
    void inTurn(async () => {
      let refused: string | null = null;
      for (const result of [...waiting.current]) {
        const answered = await ask(own ? '/api/eye/own' : '/api/eye', 'POST', result);
        if (answered.kind !== 'ok') refused = saidOf(answered);
        if (answered.kind !== 'ok' && mayComeBack(answered)) break;
        waiting.current = waiting.current.filter((each) => each !== result);
      }
      setFault(refused);
    });
  }, [inTurn, own]);

  const add = useCallback(
    (result: EyeResult | SceneResult): void => {
      setResults((known) => [...known, result]);
      waiting.current.push(result);
      send();
    },
    [send],
  );

  return { results, add, fault, sendAgain: send };
}
