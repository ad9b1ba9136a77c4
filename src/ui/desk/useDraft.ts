'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { DeskReading } from '@/core/reading/reading';
import { ask } from '../frame/request';

const KEY = 'mellow-draft';
const PAUSE_MS = 1200;

/** The draft of this desk: one for each tab, the same after a reload. */
function draftId(): string {
  const known = sessionStorage.getItem(KEY);
  if (known) return known;
  const id = crypto.randomUUID();
  sessionStorage.setItem(KEY, id);
  return id;
}

export type DraftState = 'untouched' | 'saving' | 'saved' | 'failed';

/**
 * Saves the reading by itself once it has been changed and has come to rest, as the draft of this tab; says how far
 * that is. `let go` takes the draft away, once the reading is kept by name.
 */
export function useDraft(
  reading: DeskReading,
  called: string | null,
): { state: DraftState; letGo: () => void } {
  const content = JSON.stringify({ playerId: reading.player, shot: reading.shot });
  const [opened] = useState(content);
  const settled = useRef(opened);
  const [state, setState] = useState<DraftState>('untouched');

  useEffect(() => {
    if (content === settled.current || called === null) return;
    const timer = setTimeout(async () => {
      setState('saving');
      const answered = await ask(`/api/drafts/${draftId()}`, 'PUT', {
        ...JSON.parse(content),
        called,
      });
      if (answered.ok) settled.current = content;
      setState(answered.ok ? 'saved' : 'failed');
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [content, called]);

  const letGo = useCallback((): void => {
    settled.current = content;
    setState('untouched');
    void ask(`/api/drafts/${draftId()}`, 'DELETE');
    sessionStorage.removeItem(KEY);
  }, [content]);

  return { state, letGo };
}
