import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { factorValueWords } from '@/core/tell/words/changeWords';
import type { MapAxis } from '@/core/search/map/callMap';
import type { FactorName } from '@/core/search/changes/factors';
import type { UnitSystem } from '@/core/ground/units/system';

/** Names of the factors as axes. */
export const AXIS_WORDS: Record<FactorName, string> = told({
  distance: 'distance to the flag',
  lip: 'height of the lip',
  sand: 'firmness of the sand',
  lie: 'depth of the ball',
  slope: 'slope along the line',
  wind: 'wind',
});

/** A value on an axis as it is said: wind with the way it blows. */
export function axisValueWords(factor: FactorName, value: number, units: UnitSystem): string {
  const said = factorValueWords(factor, value, units);
  if (factor !== 'wind' || Math.abs(value) < 0.05) return said;
  return `${said} ${value < 0 ? t('against') : t('behind')}`;
}

/** Values at even places along an axis with how they are said. */
export function axisTicks(axis: MapAxis, count: number, units: UnitSystem) {
  return Array.from({ length: count }, (_, i) => {
    const share = i / (count - 1);
    const value = axis.low + share * (axis.high - axis.low);
    return { share, text: axisValueWords(axis.factor, value, units) };
  });
}
