import { t } from '@/core/tell/language/t';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import type { BallStats, Share } from '@/core/lesson/review/stats';

const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** A share with the interval of it: "17 of 20, 85 % (64–95)". */
export const shareWords = ({ count, of, share, low, high }: Share): string =>
  of === 0
    ? t('not known')
    : t('{count} of {of}, {percent} ({low}–{high})', {
        count,
        of,
        percent: percent(share),
        low: Math.round(low * 100),
        high: Math.round(high * 100),
      });

function proximityWords(
  { middle, eightInTen }: NonNullable<BallStats['finish']>['proximity'],
  ground: (metres: number) => string,
): string {
  return eightInTen === null
    ? t('half within {ground}', { ground: ground(middle) })
    : t('half within {ground}, 8 in 10 of the next within {ground2}', {
        ground: ground(middle),
        ground2: ground(eightInTen),
      });
}

/** What a set of balls comes to, name and words line by line; the same lines for any set. */
export function statWords(stats: BallStats, units: UnitSystem): [name: string, words: string][] {
  const small = unitFor('short', units);
  const far = (metres: number): string => `${plainNumber(fromMetres(metres, small))} ${small}`;
  const ground = (metres: number): string => sayLength(Math.abs(metres), 'ground', units);
  const { entry, carry, finish } = stats;
  return [
    [t('balls'), String(stats.balls)],
    [t('out of the bunker'), shareWords(stats.out)],
    [t('up and down'), shareWords(stats.upAndDown)],
    [t('thin'), shareWords(stats.thin)],
    [
      t('average entry point compared with plan'),
      entry
        ? `${far(Math.abs(entry.bias))} ${entry.bias >= 0 ? t('further behind') : t('nearer')}, ± ${far(entry.spread)}`
        : t('too few'),
    ],
    [
      t('median carry, % of plan'),
      carry ? `${percent(carry.ratio)}, ± ${percent(carry.spread)}` : t('too few'),
    ],
    [
      t('average finish'),
      finish
        ? `${ground(finish.along)} ${finish.along >= 0 ? t('past') : t('short')}, ${ground(finish.right)} ${finish.right >= 0 ? t('right') : t('left')}`
        : t('not known'),
    ],
    [t('distance to the flag'), finish ? proximityWords(finish.proximity, ground) : t('not known')],
    [
      t('dispersion'),
      finish?.spread
        ? t('± {ground} long and short, ± {ground2} left and right', {
            ground: ground(finish.spread.along),
            ground2: ground(finish.spread.right),
          })
        : t('too few'),
    ],
  ];
}
