import { t } from '@/core/tell/language/t';
import { launchOver } from '@/core/ground/situation/lip';
import type { Sight } from '@/core/place/sight/sight';
import { degrees } from '@/core/ground/units/angle';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import type { Hand } from '@/core/ground/player/player';
import { BEYOND_NAMES, slopeWords } from '@/core/tell/words/situation';
import { useUnits } from '../kit/units';

interface SightListProps {
  sight: Sight;
  handed: Hand;
}

/** What is read off the ground, with how far it may be off. */
export function SightList({ sight, handed }: SightListProps) {
  const units = useUnits();
  const ground = (metres: number): string => sayLength(metres, 'ground', units);
  const off = (metres: number, scale: 'ground' | 'height' = 'ground'): string =>
    ` ± ${sayLength(metres, scale, units)}`;
  const { lip, spread, along, across, greenSlope } = sight;
  const mirror = handed === 'left' ? -1 : 1;
  const tilt = Math.round(degrees(greenSlope));
  const rows: [string, string][] = [
    [t('Flag'), ground(sight.pin) + off(spread.pin)],
    [
      t('Green'),
      t('{ground} to {ground2}', { ground: ground(sight.edge), ground2: ground(sight.back) }),
    ],
    [
      t('Lip'),
      t('{height} high{off}', {
        height: sayLength(lip.height, 'height', units),
        off: off(spread.height, 'height'),
      }),
    ],
    [t('Ball to lip'), sayLength(lip.distance, 'height', units) + off(spread.distance, 'height')],
    [t('Launch to clear it'), `${plainNumber(degrees(launchOver(lip)), 0)}°`],
    [t('Lie of the sand'), slopeWords(degrees(along), mirror * degrees(across))],
    [
      t('Green runs'),
      tilt === 0
        ? t('level along the line')
        : `${Math.abs(tilt)}° ${tilt > 0 ? t('uphill') : t('downhill')}`,
    ],
    [t('Must carry'), sight.clear === undefined ? t('nothing but the lip') : ground(sight.clear)],
    [t('Beyond the green'), BEYOND_NAMES[sight.beyond]],
  ];
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4">
      {rows.map(([name, value]) => (
        <div key={name} className="col-span-2 grid grid-cols-subgrid border-b border-hairline py-1">
          <dt className="text-ink-soft">{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
