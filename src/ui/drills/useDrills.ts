import { useQuery } from '@tanstack/react-query';
import type { ListedDrill } from '@/core/lesson/drills/chosen';
import { ask, bodyOf } from '../server/client';

export const DRILLS = ['drills'];

/**
 * All drills, those that are archived too.
 *
 * @param first those that came with the page; empty where none did, until they are fetched
 */
export const useDrills = (first?: readonly ListedDrill[]): readonly ListedDrill[] =>
  useQuery({
    queryKey: DRILLS,
    queryFn: () => bodyOf(ask<readonly ListedDrill[]>('/api/drills')),
    initialData: first,
  }).data ?? [];
