import type { Drill } from './drill';

/** Fields of a drill that are said; the rest is the same in any language. */
export const SAID_FIELDS = [
  'name',
  'brief',
  'purpose',
  'steps',
  'counts',
  'easier',
  'harder',
] as const;

/** A drill of the library without its words. */
export type LibraryDrill = { readonly id: string } & Readonly<
  Omit<Drill, (typeof SAID_FIELDS)[number]>
>;

/* What coaches have players do in sand. */

export const LIBRARY = [
  {
    id: 'line',
    trains: ['entry', 'weight'],
    cures: ['hangs-back', 'ball-too-far-forward', 'something-else'],
    marks: [{ kind: 'line', from_cm: -5, width_cm: 60 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'two-lines',
    trains: ['entry', 'depth', 'finish'],
    cures: ['decelerates', 'too-steep'],
    marks: [
      { kind: 'line', from_cm: -5, width_cm: 50 },
      { kind: 'line', from_cm: 15, width_cm: 50 },
    ],
    balls: 10,
    load: 'light',
  },
  {
    id: 'box',
    trains: ['entry', 'depth'],
    cures: ['ball-too-far-back'],
    marks: [{ kind: 'box', from_cm: -8, to_cm: 10, width_cm: 12 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'tee',
    trains: ['depth', 'entry'],
    cures: ['afraid-of-sand', 'too-shallow'],
    marks: [{ kind: 'tee', from_cm: 0 }],
    balls: 8,
    load: 'light',
  },
  {
    id: 'dent',
    trains: ['entry'],
    cures: ['hangs-back', 'something-else'],
    marks: [{ kind: 'dent', from_cm: -6 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'low-iron',
    trains: ['face', 'depth'],
    cures: ['edge-digs'],
    marks: [],
    balls: 9,
    load: 'full',
  },
  {
    id: 'sand-on-face',
    trains: ['face'],
    cures: ['edge-digs', 'afraid-of-sand'],
    marks: [],
    balls: 8,
    load: 'light',
  },
  {
    id: 'club-ladder',
    trains: ['distance', 'club choice'],
    cures: [],
    marks: [
      { kind: 'band', from_cm: 900, to_cm: 1100, width_cm: 400 },
      { kind: 'band', from_cm: 1300, to_cm: 1500, width_cm: 400 },
      { kind: 'band', from_cm: 1800, to_cm: 2100, width_cm: 400 },
    ],
    balls: 9,
    load: 'light',
  },
  {
    id: 'swing-ladder',
    trains: ['speed', 'distance'],
    cures: ['swing-too-small', 'too-quick'],
    marks: [
      { kind: 'band', from_cm: 700, to_cm: 900, width_cm: 400 },
      { kind: 'band', from_cm: 1100, to_cm: 1300, width_cm: 400 },
      { kind: 'band', from_cm: 1500, to_cm: 1800, width_cm: 400 },
    ],
    balls: 12,
    load: 'light',
  },
  {
    id: 'ten-out',
    trains: ['entry', 'finish'],
    cures: ['nothing'],
    marks: [],
    balls: 20,
    load: 'light',
  },
  {
    id: 'worst-ball',
    trains: ['entry', 'distance'],
    cures: [],
    marks: [],
    balls: 10,
    load: 'light',
  },
  {
    id: 'random-lies',
    trains: ['depth', 'slopes', 'club choice'],
    cures: [],
    marks: [],
    balls: 10,
    load: 'full',
  },
  {
    id: 'one-ball',
    trains: ['distance', 'club choice'],
    cures: ['nothing'],
    marks: [],
    balls: 9,
    load: 'light',
  },
  {
    id: 'gate',
    trains: ['aim', 'face'],
    cures: ['face-too-open', 'aims-to-the-lead-side', 'aims-to-the-trail-side'],
    marks: [{ kind: 'gate', from_cm: 300, width_cm: 60 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'same-depth',
    trains: ['depth', 'weight'],
    cures: ['feet-not-set', 'too-shallow'],
    marks: [{ kind: 'box', from_cm: -8, to_cm: 10, width_cm: 12 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'feet-together',
    trains: ['weight', 'entry'],
    cures: ['body-slides'],
    marks: [{ kind: 'box', from_cm: -8, to_cm: 10, width_cm: 12 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'lead-side',
    trains: ['weight', 'entry'],
    cures: ['hangs-back'],
    marks: [{ kind: 'line', from_cm: -5, width_cm: 60 }],
    balls: 10,
    load: 'light',
  },
  {
    id: 'hold-finish',
    trains: ['finish', 'speed'],
    cures: ['decelerates', 'swing-too-small'],
    marks: [],
    balls: 10,
    load: 'light',
  },
  {
    id: 'towards-the-face',
    trains: ['lip', 'face'],
    cures: [],
    marks: [
      { kind: 'line', from_cm: 150, width_cm: 120 },
      { kind: 'line', from_cm: 240, width_cm: 120 },
      { kind: 'line', from_cm: 330, width_cm: 120 },
    ],
    balls: 12,
    load: 'full',
  },
  { id: 'buried', trains: ['buried', 'speed'], cures: [], marks: [], balls: 6, load: 'buried' },
  {
    id: 'four-slopes',
    trains: ['slopes', 'aim', 'weight'],
    cures: [],
    marks: [],
    balls: 8,
    load: 'full',
  },
  {
    id: 'long-bands',
    trains: ['long', 'distance', 'club choice'],
    cures: [],
    marks: [
      { kind: 'band', from_cm: 2700, to_cm: 3300, width_cm: 900 },
      { kind: 'band', from_cm: 3700, to_cm: 4300, width_cm: 900 },
      { kind: 'band', from_cm: 4700, to_cm: 5300, width_cm: 900 },
    ],
    balls: 12,
    load: 'full',
  },
  { id: 'both-and-see', trains: ['club choice'], cures: [], marks: [], balls: 10, load: 'light' },
] as const satisfies readonly LibraryDrill[];

/** Id of a drill of the library. */
export type LibraryId = (typeof LIBRARY)[number]['id'];

/** Whether the library has a drill of this id. */
export const isInLibrary = (id: string): boolean => LIBRARY.some((drill) => drill.id === id);
