'use client';

import { useSyncExternalStore } from 'react';
import { PACE_RANGE } from '@/core/ground/measure/pacing';
import { keepText, textIn } from '../kit/kept';

const KEY = 'mellow-pace';
const USUAL = 0.9;
const listeners = new Set<() => void>();

function stored(): number {
  const value = Number(textIn(KEY, 'browser'));
  return value >= PACE_RANGE[0] && value <= PACE_RANGE[1] ? value : USUAL;
}

/** The coach's pace length, m, remembered in this browser; a usual one until it is set. */
export function usePace(): [pace: number, setPace: (metres: number) => void] {
  const pace = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    stored,
    () => USUAL,
  );
  return [
    pace,
    (metres) => {
      keepText(KEY, String(metres), 'browser');
      listeners.forEach((listener) => listener());
    },
  ];
}
