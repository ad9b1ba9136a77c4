import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, saySmall } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { SAND_WORDS } from '@/core/tell/words/situation';
import type { SandOn } from '../record/place';
import type { BunkerNumbers } from './bunkerNumbers';
import type { Visit } from './field';
import { QUICK_SPREAD } from './visit';

/** Two lengths of one unit with that unit once: "3 to 12 yd". */
function range(from: number, to: number, scale: 'ground' | 'height', units: UnitSystem): string {
  const [low, high] = [sayLength(from, scale, units), sayLength(to, scale, units)];
  return low === high ? high : `${low.split('\u00a0')[0]} to ${high}`;
}

/** An area in the reader's square unit. */
function sayArea(squareMetres: number, units: UnitSystem): string {
  const yards = fromMetres(fromMetres(squareMetres, 'yd'), 'yd');
  return units === 'metres'
    ? `${plainNumber(squareMetres, 0)}\u00a0m²`
    : `${plainNumber(yards, 0)}\u00a0sq\u00a0yd`;
}

/** How deep the sand is: from the shallowest to the deepest spot where spots were felt. */
function depthWords({ depth_m, depths = [] }: SandOn, units: UnitSystem): string | null {
  const felt = depths.length > 0 ? depths.map((spot) => spot.depth_m) : [depth_m];
  if (felt[0] === undefined) return null;
  const [low, high] = [Math.min(...(felt as number[])), Math.max(...(felt as number[]))];
  return low === high
    ? `${saySmall(low, units)} deep`
    : `${saySmall(low, units)} to ${saySmall(high, units)} deep`;
}

/** What was seen of a bunker's sand on a day. */
export const sandDayWords = (sand: SandOn, units: UnitSystem): string =>
  [
    SAND_WORDS[sand.preset].short,
    sand.crust ? 'a dry crust over wet' : null,
    sand.firmness === undefined ? null : `firmness ${Math.round(sand.firmness * 100)} of 100`,
    sand.moisture ? `moisture ${Math.round(sand.moisture * 100)} of 100` : null,
    depthWords(sand, units),
    sand.note,
  ]
    .filter(Boolean)
    .join(', ');

/** The numbers of a bunker as rows of a name and what is said. */
export function numberRows(numbers: BunkerNumbers, units: UnitSystem): [string, string][] {
  const { area, lip, overhangs, sand, flags } = numbers;
  return [
    ['Size', sayArea(area, units)],
    [
      'Lip',
      `${range(lip.low, lip.high, 'height', units)}${overhangs ? ', overhanging in part' : ''}`,
    ],
    ['Sand', sand ? sandDayWords(sand, units) : 'not noted; medium assumed'],
    ...flags.map(({ name, from, to }): [string, string] => [
      `To ${name}`,
      range(from, to, 'ground', units),
    ]),
  ];
}

/** What a visit costs by a quick look; null where nothing gets out. */
export const visitWords = (visit: Visit | null): string =>
  visit
    ? `about ${visit.mean.toFixed(1)} strokes to hole out (± ${QUICK_SPREAD}); ${visit.least.toFixed(1)} at best, ${visit.most.toFixed(1)} at worst`
    : 'nothing gets out at this flag';
