'use client';

import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { ChangeEntry } from '@/core/tell/answer/changes';
import type { Band } from '@/core/search/changes/bands';
import type { Leader } from '@/core/search/changes/quick';
import type { UnitSystem } from '@/core/ground/units/system';
import { useScanWorker } from './workers';

/** When the call changes, as far as it has been found for the reading that stands. */
export interface Changes {
  entries: readonly ChangeEntry[];
  /** The best call along the distance. */
  bands: readonly Band[];
  busy: boolean;
  /** True when the looking itself failed, and what was found may not be all. */
  failed: boolean;
}

/** State of the scans for one question. */
interface Scanned {
  question: string;
  entries: ChangeEntry[];
  bands: Band[];
  done: boolean;
  failed: boolean;
}

const NOTHING: Scanned = { question: '', entries: [], bands: [], done: false, failed: false };

const PAUSE_MS = 350;

/** Looks along the distance, and for when the call changes, once the calls have settled; a new reading starts it over. */
export function useChanges(
  situation: object,
  units: UnitSystem,
  called: Pick<Leader, 'club' | 'kind'> | null,
): Changes {
  const [dead, setDead] = useState(false);
  const worker = useScanWorker(() => setDead(true));
  const question = called
    ? JSON.stringify([situation, units, { club: called.club, kind: called.kind }])
    : '';
  const [state, setState] = useState(NOTHING);

  useEffect(() => {
    if (question === '') return;
    let stale = false;
    const thread = worker;
    const timer = setTimeout(() => {
      const [asked, said, from] = JSON.parse(question) as [
        object,
        UnitSystem,
        Pick<Leader, 'club' | 'kind'>,
      ];
      setState({ ...NOTHING, question });
      const seen = proxy((bands: Band[]) => {
        if (!stale) setState((now) => ({ ...now, bands }));
      });
      const found = proxy((entry: ChangeEntry) => {
        if (!stale) setState((now) => ({ ...now, entries: [...now.entries, entry] }));
      });
      thread.current
        ?.bands(asked, from, seen)
        .then((ended) => ended && thread.current?.changes(asked, said, from, found))
        .then(() => false)
        .catch(() => true)
        .then((failed) => {
          if (!stale) setState((now) => ({ ...now, done: true, failed }));
        });
    }, PAUSE_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
      void thread.current?.stop();
    };
  }, [question, worker]);

  const mine = state.question === question;
  return {
    entries: mine ? state.entries : [],
    bands: mine ? state.bands : [],
    busy: !dead && (!mine || !state.done),
    failed: dead || (mine && state.failed),
  };
}
