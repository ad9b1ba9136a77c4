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
    name: 'Everything',
    does: 'everything, found by typing',
    hint: 'everything',
    whileTyping: true,
  },
  type: {
    key: '/',
    name: 'Type the whole reading',
    does: 'type the whole reading',
    hint: 'type it',
  },
  map: { key: 'm', name: 'Call map', does: 'call map', hint: 'call map', hasButton: true },
  schools: {
    key: 'x',
    name: 'Every school, side by side',
    does: 'every school, side by side',
    hint: 'schools',
  },
  compare: {
    key: 'o',
    name: 'Two calls, line by line',
    does: 'two calls, line by line',
    hint: 'compare',
  },
  hand: {
    key: 'h',
    name: 'Change a call by hand',
    does: 'change a call by hand',
    hint: 'by hand',
  },
  keep: {
    key: 'k',
    name: 'Keep this reading',
    does: 'keep this reading',
    hint: 'keep',
    hasButton: true,
  },
  readings: {
    key: 'r',
    name: 'Kept readings and drafts',
    does: 'kept readings',
    hint: 'readings',
    hasButton: true,
  },
  rules: { key: 'c', name: 'Rules and care', does: 'rules and care' },
  keys: { key: '?', name: 'All keys', does: 'these keys', hint: 'all keys' },
} as const satisfies Record<string, OverlayWords>;

export type Overlay = keyof typeof OVERLAYS;

export const OVERLAY_NAMES = Object.keys(OVERLAYS) as Overlay[];
