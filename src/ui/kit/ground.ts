import { t } from '@/core/ground/language/t';
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
