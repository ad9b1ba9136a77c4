import { toldIn } from '@/core/tell/language/told';

interface OverlayWords {
  /** Key that opens it. */
  key: string;
  /** As the palette and the sheet of keys say it, and at the foot of the desk. */
  name: string;
  hint?: string;
  whileTyping?: boolean;
  /** The bar at the top has a button for it. */
  hasButton?: boolean;
}

/** What may lie over the desk, one at a time. */
export const OVERLAYS = toldIn(['name', 'hint'], {
  palette: {
    key: 'mod+k',
    name: 'Search every command',
    hint: 'everything',
    whileTyping: true,
  },
  type: {
    key: '/',
    name: 'Describe the shot in a line',
    hint: 'describe',
  },
  fields: {
    key: 'f',
    name: 'The shot by its numbers',
    hint: 'numbers',
  },
  map: { key: 'm', name: 'Call map', hint: 'call map', hasButton: true },
  schools: {
    key: 'x',
    name: 'Compare techniques',
    hint: 'techniques',
  },
  compare: {
    key: 'o',
    name: 'Compare two shots',
    hint: 'compare',
  },
  hand: {
    key: 'h',
    name: 'Adjust a shot',
    hint: 'adjust',
  },
  keep: {
    key: 'k',
    name: 'Save this reading',
    hint: 'save',
    hasButton: true,
  },
  readings: {
    key: 'r',
    name: 'Saved readings and drafts',
    hint: 'readings',
    hasButton: true,
  },
  rules: { key: 'c', name: 'Rules and care' },
  keys: { key: '?', name: 'Keyboard shortcuts', hint: 'shortcuts' },
} as const satisfies Record<string, OverlayWords>);

export type Overlay = keyof typeof OVERLAYS;

export const OVERLAY_NAMES = Object.keys(OVERLAYS) as Overlay[];
