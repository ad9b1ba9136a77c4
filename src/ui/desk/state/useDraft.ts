'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { DeskReading } from '@/core/contract/reading/reading';
import { keepText, letGo as forget, textIn } from '../../kit/kept';
import { useTurn } from '../../kit/useTurn';
import { ask } from '../../server/client';
import { v4 as uuid } from 'uuid';

const KEY = 'mellow-draft';
const PAUSE_MS = 1200;

/** The draft of this desk: one for each tab, the same after a reload. */
function draftId(): string {
  const known = textIn(KEY);
  if (known) return known;
  const id = uuid();
  keepText(KEY, id);
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
  // One request after the other: a draft that is let go must not be overtaken by its own saving.
  const inTurn = useTurn();

  useEffect(() => {
    if (content === settled.current || called === null) return;
    const save = async (): Promise<void> => {
      if (content === settled.current) return;
      setState('saving');
      const answered = await ask(`/api/drafts/${draftId()}`, 'PUT', {
        ...JSON.parse(content),
        called,
      });
      if (answered.kind === 'ok') settled.current = content;
      setState(answered.kind === 'ok' ? 'saved' : 'failed');
    };
    const timer = setTimeout(() => void inTurn(save), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [content, called, inTurn]);

  const letGo = useCallback((): void => {
    settled.current = content;
    void inTurn(async () => {
      settled.current = content;
      setState('untouched');
      const id = textIn(KEY);
      // Nothing was saved of this desk since its last draft was let go.
      if (!id) return;
      forget(KEY);
      await ask(`/api/drafts/${id}`, 'DELETE');
    });
  }, [content, inTurn]);

  return { state, letGo };
}
