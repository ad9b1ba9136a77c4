'use client';

import { useHotkeys } from 'react-hotkeys-hook';
import { MISSES } from '@/core/model/shot/misses';
import type { Look } from '../../drawing/section/DrawingBar';
import { OVERLAY_KEYS, type Overlay } from './overlays';
import { TOKEN_KEYS, tokenForKey, type TokenName } from '../sentence/tokens';

interface DeskKeys {
  /** False while something lies over the desk that has keys of its own. */
  enabled: boolean;
  onToken: (token: TokenName) => void;
  onOverlay: (overlay: Overlay) => void;
  onLook: (change: (now: Look) => Look) => void;
  onUndo: () => void;
  onRedo: () => void;
}

/** The keys of the desk. */
export function useDeskKeys(keys: DeskKeys): void {
  // Handles of the drawing are sliders: their own keys are the arrows, all others are the desk's.
  const free = {
    enabled: keys.enabled,
    preventDefault: true,
    enableOnFormTags: ['slider'],
  } as const;
  useHotkeys(
    Object.values(TOKEN_KEYS),
    ({ key }) => {
      const name = tokenForKey(key);
      if (name) keys.onToken(name);
    },
    free,
  );
  useHotkeys(
    Object.keys(OVERLAY_KEYS),
    ({ key }) => {
      const overlay = OVERLAY_KEYS[key.toLowerCase()];
      if (overlay) keys.onOverlay(overlay);
    },
    { ...free, useKey: true },
  );
  useHotkeys('mod+k', () => keys.onOverlay('palette'), {
    ...free,
    enableOnFormTags: true,
  });
  useHotkeys('mod+z', keys.onUndo, free);
  useHotkeys('mod+shift+z, mod+y', keys.onRedo, free);
  useHotkeys(
    'v',
    () => keys.onLook((now) => ({ ...now, from: now.from === 'side' ? 'above' : 'side' })),
    free,
  );
  useHotkeys(
    MISSES.map((_, i) => String(i + 1)),
    ({ key }) => {
      const miss = MISSES[Number(key) - 1] ?? null;
      keys.onLook((now) => ({ ...now, miss: now.miss === miss ? null : miss }));
    },
    { ...free, useKey: true },
  );
}
