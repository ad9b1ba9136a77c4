'use client';

import { t } from '@/core/tell/language/t';
import dynamic from 'next/dynamic';

/** {@link IntervalChart}, with the charting package fetched when one is looked at. */
export const LazyIntervalChart = dynamic(
  () => import('./IntervalChart').then((module) => module.IntervalChart),
  { ssr: false, loading: () => <p className="h-48 pt-4 text-ink-soft">{t('Drawing …')}</p> },
);
