import { BANDS } from '@/core/lesson/bunkerTest/bands';
import { standardStations, type BunkerTest } from '@/core/lesson/bunkerTest/test';

/** Chances of a level whose balls end around a band. */
const around = (middle: number): number[] => {
  const weights = Array.from({ length: BANDS }, (_, band) => Math.exp(-Math.abs(band - middle)));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / all);
};

/** A test of ten balls of which none is hit yet, and what a test says otherwise. */
export const aBunkerTest = (fields: Partial<BunkerTest> = {}): BunkerTest => ({
  player: 'ada',
  held_on: '2026-06-02',
  place: 'Practice bunker',
  sand: 'medium',
  balls: 10,
  stations: standardStations('medium').map((shot) => ({
    shot,
    norms: { expert: around(1), good: around(2), middle: around(3.5), beginner: around(5) },
  })),
  hits: [],
  note: '',
  ...fields,
});
