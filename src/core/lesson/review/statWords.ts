import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { BallStats, Share } from './stats';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** A share with the interval of it: "17 of 20, 85 % (64–95)". */
export const shareWords = ({ count, of, share, low, high }: Share): string =>
  of === 0
    ? 'not known'
    : `${count} of ${of}, ${percent(share)} (${Math.round(low * 100)}–${Math.round(high * 100)})`;

/** What a set of balls comes to, name and words line by line; the same lines for any set. */
export function statWords(stats: BallStats, units: UnitSystem): [name: string, words: string][] {
  const small = unitFor('short', units);
  const far = (metres: number): string => `${plainNumber(fromMetres(metres, small))} ${small}`;
  const { entry, carry, finish } = stats;
  return [
    ['balls', String(stats.balls)],
    ['out of the bunker', shareWords(stats.out)],
    ['thin', shareWords(stats.thin)],
    [
      'mark against the call',
      entry
        ? `${far(Math.abs(entry.bias))} ${entry.bias >= 0 ? 'further back' : 'nearer'}, ± ${far(entry.spread)}`
        : 'too few',
    ],
    [
      'carry of the call',
      carry ? `${percent(carry.ratio)}, ± ${percent(carry.spread)}` : 'too few',
    ],
    [
      'from the flag',
      finish
        ? `${sayLength(Math.abs(finish.along), 'ground', units)} ${finish.along >= 0 ? 'past' : 'short'}, ${sayLength(Math.abs(finish.right), 'ground', units)} ${finish.right >= 0 ? 'right' : 'left'}`
        : 'not known',
    ],
  ];
}
