'use client';

import { useContext, useEffect, useRef, useState } from 'react';
import type { Answer } from '@/core/tell/answer/answer';
import type { UnitSystem } from '@/core/ground/units/system';
import { EngineContext } from '../../engine/useTask';

/** So many times as long as an answer takes, from being asked to being seen, is left to the hand and to the drawing before the next. */
const LEFT = 4;

const firstOf = ({ sheet: { calls } }: Answer): string => `${calls[0]?.club}/${calls[0]?.kind}`;

const nextFrame = (): Promise<number> => new Promise((resolve) => requestAnimationFrame(resolve));
const rest = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** An answer that was started from another. */
interface Moved {
  from: Answer;
  answer: Answer;
}

/**
 * The answer for a reading that a hand is moving, started from the one that stood: one question at a time, each for the reading as it is
 * by then. It stands until the search has answered, and says nothing of it.
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
  const key = JSON.stringify(situation);
  const reading = useRef({ key, situation });
  /** Told that the reading has moved. */
  const wake = useRef<() => void>(() => {});
  useEffect(() => {
    reading.current = { key, situation };
    wake.current();
  }, [key, situation]);
  useEffect(() => {
    if (!held || !from) return;
    const controller = new AbortController();
    const { signal } = controller;
    const wanted = { signal, priority: 1 };
    const { near } = from;
    // What cannot do it at all is not looked for while it moves.
    const { ruled_out } = from.sheet;
    const follow = async (): Promise<void> => {
      let answered = reading.current.key;
      let shown = firstOf(from);
      while (!signal.aborted) {
        const asked = reading.current;
        if (asked.key === answered) {
          await new Promise<void>((resolve) => (wake.current = resolve));
          continue;
        }
        const begun = performance.now();
        const answer = await engineOf().run('answerNear', [asked.situation, units, near], wanted);
        answered = asked.key;
        if (!answer || signal.aborted) continue;
        const moves = reading.current.key !== answered;
        const first = firstOf(answer);
        // While it moves another club is shown at once; the numbers of the same follow when the hand pauses.
        if (!moves || first !== shown) {
          shown = first;
          setMoved({ from, answer: { ...answer, sheet: { ...answer.sheet, ruled_out } } });
          await nextFrame();
        }
        await rest(LEFT * (performance.now() - begun));
      }
    };
    // What cannot be answered is told by the search, once the hand lets go.
    follow().catch(() => undefined);
    return () => controller.abort();
  }, [engineOf, units, from, held]);
  return moved && moved.from === from ? moved.answer : null;
}
