'use client';

import { useEffect, useState } from 'react';
import type { Measure } from '@/core/place/survey/sighting';
import { ask, saidOf } from '../../server/client';

/** How often it is asked what devices measured, ms. */
const LOOK_MS = 800;

interface Since {
  upTo: number;
  measures: Measure[];
}

/** What devices measure while they are listened to, in order. */
export function useMeasures() {
  const [on, setOn] = useState(false);
  const [listening, setListening] = useState(false);
  const [measures, setMeasures] = useState<readonly Measure[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    if (!on) return;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    let upTo: number | null = null;
    const look = async (): Promise<void> => {
      const reply = await ask<Since>(`/api/measures${upTo === null ? '' : `?since=${upTo}`}`);
      if (stopped) return;
      setFault(reply.kind === 'ok' ? null : saidOf(reply));
      if (reply.kind === 'ok') {
        upTo = reply.body.upTo;
        setListening(true);
        const { measures: more } = reply.body;
        if (more.length > 0) setMeasures((before) => [...before, ...more]);
      }
      timer = setTimeout(() => void look(), LOOK_MS);
    };
    void look();
    return () => {
      stopped = true;
      clearTimeout(timer);
      setListening(false);
    };
  }, [on]);
  return {
    on,
    /** True once the server has said from where on: what is measured from then on comes in. */
    listening,
    listen: setOn,
    measures,
    fault,
    /** Takes lines in that come from elsewhere. */
    take: (more: readonly Measure[]): void => setMeasures((before) => [...before, ...more]),
    clear: (): void => setMeasures([]),
  };
}
