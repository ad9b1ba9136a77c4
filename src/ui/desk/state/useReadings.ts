'use client';

import { useCallback, useRef, useState } from 'react';
import { toast } from 'sonner';
import { ask, saidOf } from '../../server/client';
import type { KeptReading } from '@/core/tell/reading/kept';

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
  const asked = useRef(0);
  const changes = useRef(0);
  const change = useCallback((next: (now: readonly KeptReading[]) => KeptReading[]): void => {
    changes.current += 1;
    setReadings(next);
  }, []);

  const keep = useCallback(
    async (reading: ToKeep): Promise<string | null> => {
      const answered = await ask<KeptReading>('/api/readings', 'POST', reading);
      if (answered.kind !== 'ok') return saidOf(answered);
      change((now) => withReading(now, answered.body));
      toast.success(`Kept: ${answered.body.name}`);
      return null;
    },
    [change],
  );

  const find = useCallback(async (search: string): Promise<void> => {
    const mine = ++asked.current;
    const url = `/api/readings?search=${encodeURIComponent(search)}`;
    for (;;) {
      const before = changes.current;
      const answered = await ask<KeptReading[]>(url);
      if (mine !== asked.current) return;
      if (answered.kind !== 'ok') {
        toast.error(saidOf(answered));
        return;
      }
      // A list that was read before a change here would undo what is seen of it.
      if (before !== changes.current) continue;
      setReadings(answered.body);
      return;
    }
  }, []);

  const duplicate = useCallback(
    async ({ id }: KeptReading): Promise<void> => {
      const answered = await ask<KeptReading>(`/api/readings/${id}/duplicate`, 'POST');
      if (answered.kind === 'ok') change((now) => withReading(now, answered.body));
      else toast.error(saidOf(answered));
    },
    [change],
  );

  const remove = useCallback(
    async (reading: KeptReading): Promise<void> => {
      const bringBack = async (): Promise<void> => {
        const answered = await ask(`/api/readings/${reading.id}/restore`, 'POST');
        if (answered.kind === 'ok') change((now) => withReading(now, reading));
        else toast.error(`The reading could not be brought back. ${saidOf(answered)}`);
      };
      const answered = await ask(`/api/readings/${reading.id}`, 'DELETE');
      if (answered.kind !== 'ok') {
        toast.error(saidOf(answered));
        return;
      }
      change((now) => now.filter(({ id }) => id !== reading.id));
      toast(`Deleted: ${reading.name}`, {
        duration: 10000,
        action: { label: 'Undo', onClick: () => void bringBack() },
      });
    },
    [change],
  );

  return { readings, keep, find, duplicate, remove };
}
