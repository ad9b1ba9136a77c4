import { t } from '@/core/tell/language/t';
import type { Point } from '@/core/place/outline/ring';
import { sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { StoredPlace } from '@/core/place/record/stored';

/** Drawn ground that can be played on. */
export type Ground = Pick<StoredPlace, 'id' | 'place'>;

/** Stands for drawn ground among other choices. */
export type GroundKey = `ground:${string}`;

/** The bunkers of drawn ground, each as a choice. */
export const groundChoices = (grounds: readonly Ground[]): [GroundKey, string][] =>
  grounds.map(({ id, place }) => [
    `ground:${id}`,
    t('the bunkers of {place}', { place: place.name }),
  ]);

/** The ground that a choice stands for, if it stands for any. */
export const groundOf = (grounds: readonly Ground[], key: string): Ground | undefined =>
  grounds.find(({ id }) => key === `ground:${id}`);

/** Where something lies from the peg, as it is read out. */
export const sayAt = ([east, north]: Point, units: UnitSystem): string =>
  t('{east} east, {north} north', {
    east: sayLength(east, 'ground', units),
    north: sayLength(north, 'ground', units),
  });
