interface OverlayWords {
  /** Key that opens it. */
  key: string;
  /** As the palette says it, as the sheet of keys does, and at the foot of the desk. */
  name: string;
  does: string;
  hint?: string;
  whileTyping?: boolean;
  /** The bar at the top has a button for it. */
  hasButton?: boolean;
}

/** What may lie over the desk, one at a time. */
export const OVERLAYS = {
  palette: {
    key: 'mod+k',
    name: 'Search every command',
    does: 'search every command',
    hint: 'everything',
    whileTyping: true,
  },
  type: {
    key: '/',
    name: 'Describe the shot in a line',
    does: 'describe the shot in a line',
    hint: 'describe',
  },
  map: { key: 'm', name: 'Call map', does: 'call map', hint: 'call map', hasButton: true },
  schools: {
    key: 'x',
    name: 'Compare techniques',
    does: 'compare techniques',
    hint: 'schools',
  },
  compare: {
    key: 'o',
    name: 'Compare two shots',
    does: 'compare two shots',
    hint: 'compare',
  },
  hand: {
    key: 'h',
    name: 'Adjust a shot',
    does: 'adjust a shot',
    hint: 'adjust',
  },
  keep: {
    key: 'k',
    name: 'Save this reading',
    does: 'save this reading',
    hint: 'save',
    hasButton: true,
  },
  readings: {
    key: 'r',
    name: 'Saved readings and drafts',
    does: 'saved readings',
    hint: 'readings',
    hasButton: true,
  },
  rules: { key: 'c', name: 'Rules and care', does: 'rules and care' },
  keys: { key: '?', name: 'Keyboard shortcuts', does: 'keyboard shortcuts', hint: 'shortcuts' },
} as const satisfies Record<string, OverlayWords>;

export type Overlay = keyof typeof OVERLAYS;

export const OVERLAY_NAMES = Object.keys(OVERLAYS) as Overlay[];
