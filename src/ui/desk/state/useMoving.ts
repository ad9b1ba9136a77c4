'use client';

import { startTransition, useContext, useEffect, useRef, useState } from 'react';
import type { Answer } from '@/core/tell/answer/answer';
import type { UnitSystem } from '@/core/ground/units/system';
import { EngineContext } from '../../engine/useTask';

const nextFrame = (): Promise<void> =>
  new Promise((resolve) => requestAnimationFrame(() => resolve()));

/** An answer that was started from another. */
interface Moved {
  from: Answer;
  answer: Answer;
}

/**
 * The answer for a reading that a hand is moving, started from the one that stood: one question at a time, each for the reading as it is
 * when the one before is answered. It stands until the search has answered, and says nothing of it.
 *
 * @param from the latest answer of the search
 * @param held true while a hand holds the reading
 * @returns null where nothing was moved since `from`
 */
export function useMoving(
  situation: object,
  units: UnitSystem,
  from: Answer | null,
  held: boolean,
): Answer | null {
  const engineOf = useContext(EngineContext);
  const [moved, setMoved] = useState<Moved | null>(null);
  const reading = useRef(situation);
  useEffect(() => {
    reading.current = situation;
  });
  useEffect(() => {
    if (!held || !from) return;
    const controller = new AbortController();
    const { signal } = controller;
    const follow = async (): Promise<void> => {
      let answered = JSON.stringify(reading.current);
      while (!signal.aborted) {
        const asked = reading.current;
        const key = JSON.stringify(asked);
        if (key === answered) {
          await nextFrame();
          continue;
        }
        const wanted = { signal, priority: 1 };
        const answer = await engineOf().run('answerNear', [asked, units, from.near], wanted);
        answered = key;
        const { ruled_out } = from.sheet;
        // The drawing goes first: it follows the hand itself.
        if (answer && !signal.aborted)
          startTransition(() =>
            setMoved({ from, answer: { ...answer, sheet: { ...answer.sheet, ruled_out } } }),
          );
      }
    };
    // What cannot be answered is told by the search, once the hand lets go.
    follow().catch(() => undefined);
    return () => controller.abort();
  }, [engineOf, units, from, held]);
  return moved && moved.from === from ? moved.answer : null;
}
