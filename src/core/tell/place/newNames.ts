import type { Names } from '@/core/place/record/names';
import { t } from '../language/t';

/** Names of new ground in the language in force. */
export const newNames = (): Names => ({
  place: t('Imported ground'),
  bunker: (n) => t('Bunker {n}', { n }),
  green: (n) => t('Green {n}', { n }),
  flag: (n) => t('Flag {n}', { n }),
  middle: t('Middle'),
});
