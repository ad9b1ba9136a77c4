import { LEVELS, type Level } from './scene';

/**
 * The round of an address that everybody gets alike; null where it names none that there is.
 *
 * @example
 * readRound(new URLSearchParams('round=7&level=2')); // => { seed: 7, level: 2 }
 * readRound(new URLSearchParams('round=x&level=2')); // => null
 */
export function readRound(query: URLSearchParams): { seed: number; level: Level } | null {
  const seed = /^[1-9]\d{0,4}$/.exec(query.get('round') ?? '')?.[0];
  const level = LEVELS.find((each) => String(each) === query.get('level'));
  return seed === undefined || level === undefined ? null : { seed: Number(seed), level };
}
