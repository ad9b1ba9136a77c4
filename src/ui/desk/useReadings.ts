'use client';

import { useCallback, useState } from 'react';
import { toast } from 'sonner';
import { ask } from '../frame/request';
import type { KeptReading } from './types';

/** What a reading is kept with. */
export interface ToKeep {
  name: string;
  playerId: string;
  shot: object;
  called: string;
}

const newestFirst = (a: KeptReading, b: KeptReading): number => b.savedAt.localeCompare(a.savedAt);

/** The list with a reading in its place, once: a search that was on its way may have brought it already. */
const withReading = (list: readonly KeptReading[], reading: KeptReading): KeptReading[] =>
  [...list.filter(({ id }) => id !== reading.id), reading].sort(newestFirst);

/** The kept readings, and keeping, finding, copying, deleting and bringing back. */
export function useReadings(first: readonly KeptReading[]) {
  const [readings, setReadings] = useState(first);

  const keep = useCallback(async (reading: ToKeep): Promise<string | null> => {
    const answered = await ask<KeptReading>('/api/readings', 'POST', reading);
    if (!answered.ok) return answered.fault;
    setReadings((now) => withReading(now, answered.body));
    toast.success(`Kept: ${answered.body.name}`);
    return null;
  }, []);

  const find = useCallback(async (search: string): Promise<void> => {
    const answered = await ask<KeptReading[]>(`/api/readings?search=${encodeURIComponent(search)}`);
    if (answered.ok) setReadings(answered.body);
    else toast.error(answered.fault);
  }, []);

  const duplicate = useCallback(async ({ id }: KeptReading): Promise<void> => {
    const answered = await ask<KeptReading>(`/api/readings/${id}/duplicate`, 'POST');
    if (answered.ok) setReadings((now) => withReading(now, answered.body));
    else toast.error(answered.fault);
  }, []);

  const remove = useCallback(async (reading: KeptReading): Promise<void> => {
    const bringBack = async (): Promise<void> => {
      const answered = await ask(`/api/readings/${reading.id}/restore`, 'POST');
      if (answered.ok) setReadings((now) => withReading(now, reading));
      else toast.error(`The reading could not be brought back. ${answered.fault}`);
    };
    const answered = await ask(`/api/readings/${reading.id}`, 'DELETE');
    if (!answered.ok) {
      toast.error(answered.fault);
      return;
    }
    setReadings((now) => now.filter(({ id }) => id !== reading.id));
    toast(`Deleted: ${reading.name}`, {
      duration: 10000,
      action: { label: 'Undo', onClick: () => void bringBack() },
    });
  }, []);

  return { readings, keep, find, duplicate, remove };
}
