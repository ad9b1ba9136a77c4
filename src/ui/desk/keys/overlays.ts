/** What may lie over the desk, one at a time. */
export type Overlay =
  | 'readings'
  | 'keep'
  | 'map'
  | 'schools'
  | 'hand'
  | 'compare'
  | 'type'
  | 'rules'
  | 'keys'
  | 'palette';

/** Keys that open them. */
export const OVERLAY_KEYS: Record<string, Overlay> = {
  r: 'readings',
  k: 'keep',
  m: 'map',
  x: 'schools',
  h: 'hand',
  o: 'compare',
  '/': 'type',
  c: 'rules',
  '?': 'keys',
};

/** Every key of the desk, for its sheet. */
export const KEYS = [
  { keys: 'p', does: 'player' },
  { keys: 'i', does: 'lie' },
  { keys: 's', does: 'sand' },
  { keys: 't', does: 'tilt of the ground' },
  { keys: 'd', does: 'distance to the flag' },
  { keys: 'l', does: 'lip' },
  { keys: 'e', does: 'front edge of the green' },
  { keys: 'b', does: 'back edge, and what lies behind' },
  { keys: 'g', does: 'speed and slope of the green' },
  { keys: 'w', does: 'wind, once there is some' },
  { keys: 'a', does: 'anything more: wind, landing, ways out' },
  { keys: 'Ctrl K', does: 'everything, found by typing' },
  { keys: '/', does: 'type the whole reading' },
  { keys: 'm', does: 'call map' },
  { keys: 'x', does: 'every school, side by side' },
  { keys: 'h', does: 'change a call by hand' },
  { keys: 'o', does: 'two calls, line by line' },
  { keys: 'v', does: 'drawing from the side or above' },
  { keys: '1 – 6', does: 'draw a miss: heavy, thin, shut, open, slow, quick' },
  { keys: 'Ctrl Z', does: 'take the last change back; with Shift, do it again' },
  { keys: 'k', does: 'keep this reading' },
  { keys: 'r', does: 'kept readings' },
  { keys: 'c', does: 'rules and care' },
  { keys: '?', does: 'these keys' },
] as const;
