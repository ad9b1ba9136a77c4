import { counted } from '@/core/tell/words/counted';
import { t } from '@/core/tell/language/t';
import { BAND_PACES, POINTS } from '@/core/lesson/bunkerTest/bands';

/** How each band is said. */
export const bandWords = (): string[] => [
  t('within a pace'),
  ...BAND_PACES.slice(1).map((paces) => t('within {paces} paces', { paces })),
  t('out, further away'),
  t('stayed in'),
];

/** Points of a band, as a form says them. */
export const pointsWords = (band: number): string => counted(POINTS[band]!, 'point', 'points', '0');
