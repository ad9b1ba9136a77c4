'use client';

import { useState } from 'react';
import { changeEntry, type ChangeEntry } from '@/core/tell/answer/changes';
import type { Band } from '@/core/search/changes/bands';
import { changesAlong, MOVED } from '@/core/search/changes/changes';
import type { UnitSystem } from '@/core/ground/units/system';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { atFlag } from '@/core/tell/sheet/atFlag';
import { useTask } from '../../engine/useTask';
import { usePreferences } from '../../frame/preferences';

/** When the call changes, as far as it has been found for the reading that stands. */
export interface Changes {
  entries: readonly ChangeEntry[];
  /** The best call along the distance. */
  bands: readonly Band[];
  busy: boolean;
  /** True while nobody has asked to look, where a desk does not look by itself. */
  unasked: boolean;
  onLook: () => void;
  /** Why not all could be looked for; null as a rule. */
  failure: string | null;
}

/** Rest of the calls before it begins: who still changes the reading is not kept waiting by it. */
const PAUSE_MS = 1500;
const PRIORITY = -1;

/**
 * Looks along the distance, and for when the call changes, once the calls have settled; a new reading starts it over. Where this
 * browser looks only when asked, it waits for that, reading by reading.
 */
export function useChanges(
  situation: object,
  units: UnitSystem,
  called: Pick<CallEntry, 'club' | 'kind' | 'toward_deg' | 'attempt'> | null,
  /** Ball to the flag, m. */
  pin: number,
): Changes {
  const from = called && { club: called.club, kind: called.kind };
  // What is not struck at the flag is nothing there.
  const standing = called && atFlag(called) ? from : null;
  const { looking } = usePreferences();
  const key = from && JSON.stringify([situation, units, from]);
  const [askedFor, askFor] = useState<string | null>(null);
  const asked = looking === 'by-itself' || askedFor === key;
  const { status, value, failure } = useTask<Pick<Changes, 'entries' | 'bands'>>(
    asked ? key : null,
    async ({ engine, signal, show }) => {
      const wanted = { signal, priority: PRIORITY };
      const byMoved: ChangeEntry[][] = MOVED.map(() => []);
      let bands: readonly Band[] = [];
      const found = () => ({ entries: byMoved.flat(), bands });
      const grown = (next: readonly Band[]): void => {
        bands = next;
        const ends = changesAlong(next, pin).map((change) => changeEntry(change, units));
        byMoved[MOVED.indexOf('distance')] = ends;
        show(found());
      };
      const along = engine.run('bands', [situation, standing], {
        ...wanted,
        show: (next) => grown(next as Band[]),
      });
      const changes = MOVED.map(async (moved, i) => {
        // The ends of the band at the flag say it of the distance: one look, one answer.
        if (moved === 'distance') return grown(await along);
        byMoved[i] = await engine.run('changes', [situation, units, standing, moved], wanted);
        show(found());
      });
      await Promise.all(changes);
      return found();
    },
    looking === 'by-itself' ? PAUSE_MS : 0,
  );
  return {
    entries: value?.entries ?? [],
    bands: value?.bands ?? [],
    busy: asked && (status === 'running' || status === 'idle'),
    unasked: key !== null && !asked,
    onLook: () => askFor(key),
    failure: failure?.message ?? null,
  };
}
