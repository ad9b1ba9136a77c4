import { t } from '@/core/tell/language/t';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, saySmall } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import { SAND_WORDS } from '@/core/tell/words/situation';
import type { SandOn } from '@/core/place/record/place';
import type { BunkerNumbers } from '@/core/place/field/bunkerNumbers';
import type { Visit } from '@/core/place/field/field';
import { QUICK_SPREAD } from '@/core/place/field/visit';

/** Two lengths of one unit with that unit once: "3 to 12 yd". */
function range(from: number, to: number, scale: 'ground' | 'height', units: UnitSystem): string {
  const [low, high] = [sayLength(from, scale, units), sayLength(to, scale, units)];
  return low === high ? high : t('{low} to {high}', { low: low.split('\u00a0')[0]!, high });
}

/** An area in the reader's square unit. */
function sayArea(squareMetres: number, units: UnitSystem): string {
  const yards = fromMetres(fromMetres(squareMetres, 'yd'), 'yd');
  return units === 'metres'
    ? `${plainNumber(squareMetres, 0)}\u00a0m²`
    : t('{yards}\u00a0sq\u00a0yd', { yards: plainNumber(yards, 0) });
}

/** How deep the sand is: from the shallowest to the deepest spot where spots were felt. */
function depthWords({ depth_m, depths = [] }: SandOn, units: UnitSystem): string | null {
  const felt = depths.length > 0 ? depths.map((spot) => spot.depth_m) : [depth_m];
  if (felt[0] === undefined) return null;
  const [low, high] = [Math.min(...(felt as number[])), Math.max(...(felt as number[]))];
  return low === high
    ? t('{low} deep', { low: saySmall(low, units) })
    : t('{low} to {high} deep', { low: saySmall(low, units), high: saySmall(high, units) });
}

/** What was seen of a bunker's sand on a day. */
export const sandDayWords = (sand: SandOn, units: UnitSystem): string =>
  [
    SAND_WORDS[sand.preset].short,
    sand.crust ? t('a dry crust over wet') : null,
    sand.firmness === undefined
      ? null
      : t('firmness {firmness} of 100', { firmness: Math.round(sand.firmness * 100) }),
    sand.moisture
      ? t('moisture {moisture} of 100', { moisture: Math.round(sand.moisture * 100) })
      : null,
    depthWords(sand, units),
    sand.note,
  ]
    .filter(Boolean)
    .join(', ');

/** The numbers of a bunker as rows of a name and what is said. */
export function numberRows(numbers: BunkerNumbers, units: UnitSystem): [string, string][] {
  const { area, lip, overhangs, sand, flags } = numbers;
  return [
    [t('Size'), sayArea(area, units)],
    [
      t('Lip'),
      `${range(lip.low, lip.high, 'height', units)}${overhangs ? t(', overhanging in part') : ''}`,
    ],
    [t('Sand'), sand ? sandDayWords(sand, units) : t('not noted; medium assumed')],
    ...flags.map(({ name, from, to }): [string, string] => [
      t('To {name}', { name }),
      range(from, to, 'ground', units),
    ]),
  ];
}

/** What a visit costs by a quick look; null where nothing gets out. */
export const visitWords = (visit: Visit | null): string =>
  visit
    ? t('about {mean} strokes to hole out (± {spread}); {least} at best, {most} at worst', {
        mean: visit.mean.toFixed(1),
        spread: QUICK_SPREAD,
        least: visit.least.toFixed(1),
        most: visit.most.toFixed(1),
      })
    : t('no shot at this flag gets out');
