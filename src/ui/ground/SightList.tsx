import { launchOver } from '@/core/ground/situation/lip';
import type { Sight } from '@/core/place/sight/sight';
import { degrees } from '@/core/ground/units/angle';
import { plainNumber, sayLength } from '@/core/ground/units/say';
import type { Hand } from '@/core/ground/player/player';
import { BEYOND_WORDS, slopeWords } from '@/core/tell/words/situation';
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
    ['Flag', ground(sight.pin) + off(spread.pin)],
    ['Green', `${ground(sight.edge)} to ${ground(sight.back)}`],
    ['Lip', `${sayLength(lip.height, 'height', units)} high${off(spread.height, 'height')}`],
    ['Ball to lip', sayLength(lip.distance, 'height', units) + off(spread.distance, 'height')],
    ['Launch to clear it', `${plainNumber(degrees(launchOver(lip)), 0)}°`],
    ['Lie of the sand', slopeWords(degrees(along), mirror * degrees(across))],
    [
      'Green runs',
      tilt === 0
        ? 'level along the line'
        : `${Math.abs(tilt)}° ${tilt > 0 ? 'uphill' : 'downhill'}`,
    ],
    ['Must carry', sight.clear === undefined ? 'nothing but the lip' : ground(sight.clear)],
    ['Beyond the green', BEYOND_WORDS[sight.beyond].replace(' behind', '')],
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
