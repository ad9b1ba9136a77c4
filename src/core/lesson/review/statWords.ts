import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { BallStats, Share } from './stats';

const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** A share with the interval of it: "17 of 20, 85 % (64–95)". */
export const shareWords = ({ count, of, share, low, high }: Share): string =>
  of === 0
    ? 'not known'
    : `${count} of ${of}, ${percent(share)} (${Math.round(low * 100)}–${Math.round(high * 100)})`;

/** What a set of balls comes to, name and words line by line; the same lines for any set. */
export function statWords(stats: BallStats, units: UnitSystem): [name: string, words: string][] {
  const small = unitFor('short', units);
  const far = (metres: number): string => `${plainNumber(fromMetres(metres, small))} ${small}`;
  const ground = (metres: number): string => sayLength(Math.abs(metres), 'ground', units);
  const { entry, carry, finish } = stats;
  return [
    ['balls', String(stats.balls)],
    ['out of the bunker', shareWords(stats.out)],
    ['up and down', shareWords(stats.upAndDown)],
    ['thin', shareWords(stats.thin)],
    [
      'entry point compared with plan',
      entry
        ? `${far(Math.abs(entry.bias))} ${entry.bias >= 0 ? 'further behind' : 'nearer'}, ± ${far(entry.spread)}`
        : 'too few',
    ],
    ['carry, % of plan', carry ? `${percent(carry.ratio)}, ± ${percent(carry.spread)}` : 'too few'],
    [
      'average finish',
      finish
        ? `${ground(finish.along)} ${finish.along >= 0 ? 'past' : 'short'}, ${ground(finish.right)} ${finish.right >= 0 ? 'right' : 'left'}`
        : 'not known',
    ],
    [
      'distance to the flag',
      finish
        ? `half within ${ground(finish.proximity.middle)}, 8 in 10 within ${ground(finish.proximity.eightInTen)}`
        : 'not known',
    ],
    [
      'dispersion',
      finish?.spread
        ? `± ${ground(finish.spread.along)} long and short, ± ${ground(finish.spread.right)} left and right`
        : 'too few',
    ],
  ];
}
