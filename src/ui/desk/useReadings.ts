'use client';

import { useCallback, useState } from 'react';
import { toast } from 'sonner';
import type { KeptReading } from './types';

/** What a reading is kept with. */
export interface ToKeep {
  name: string;
  playerId: string;
  shot: object;
  called: string;
}

async function post(url: string, method: string, body?: object): Promise<Response> {
  return fetch(url, {
    method,
    headers: body ? { 'content-type': 'application/json' } : {},
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
}

/** First fault that a refused request named. */
async function faultOf(response: Response): Promise<string> {
  try {
    const body = (await response.json()) as { error: { path: string; message: string }[] };
    return body.error.map(({ path, message }) => `${path}: ${message}`).join('; ');
  } catch {
    return `The server answered ${response.status}.`;
  }
}

const UNREACHABLE =
  'The server does not answer. Nothing was lost: the reading is in the address bar.';

/** The kept readings, and keeping, deleting and bringing back. */
export function useReadings(first: readonly KeptReading[]) {
  const [readings, setReadings] = useState(first);

  const keep = useCallback(async (reading: ToKeep): Promise<string | null> => {
    try {
      const response = await post('/api/readings', 'POST', reading);
      if (!response.ok) return await faultOf(response);
      const kept = (await response.json()) as KeptReading;
      setReadings((now) => [kept, ...now]);
      toast.success(`Kept: ${kept.name}`);
      return null;
    } catch {
      return UNREACHABLE;
    }
  }, []);

  const remove = useCallback(async (reading: KeptReading): Promise<void> => {
    const bringBack = async (): Promise<void> => {
      const response = await post(`/api/readings/${reading.id}/restore`, 'POST').catch(() => null);
      if (!response?.ok) {
        toast.error('The reading could not be brought back.');
        return;
      }
      setReadings((now) => [...now, reading].sort((a, b) => b.savedAt.localeCompare(a.savedAt)));
    };
    const response = await post(`/api/readings/${reading.id}`, 'DELETE').catch(() => null);
    if (!response?.ok) {
      toast.error(response ? await faultOf(response) : UNREACHABLE);
      return;
    }
    setReadings((now) => now.filter(({ id }) => id !== reading.id));
    toast(`Deleted: ${reading.name}`, {
      duration: 10000,
      action: { label: 'Undo', onClick: () => void bringBack() },
    });
  }, []);

  return { readings, keep, remove };
}
