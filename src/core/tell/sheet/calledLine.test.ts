import { speaking } from '@/core/testing/speaking';
import { calledLine, calledWords, keptLine } from './calledLine';
import type { CallEntry } from './callSheet';

const call = (fields: Partial<CallEntry>): CallEntry =>
  ({
    club: '56 wide',
    face_deg: 22,
    face_clock: '1:45',
    swing_clock: '9:15',
    ...fields,
  }) as CallEntry;

const CALLS = [
  [undefined, 'no call', 'keine Ansage'],
  [call({ kind: 'relief' }), 'relief under penalty', 'Erleichterung mit Strafe'],
  [call({}), '56 wide, face 1:45, swing 9:15', '56 wide, Schlagfläche 1:45, Schwung 9:15'],
  [
    call({ kind: 'out-sideways', face_deg: 0 }),
    '56 wide out sideways, square, swing 9:15',
    '56 wide seitlich hinaus, gerade, Schwung 9:15',
  ],
] as const;

test.each(CALLS)('%# a call is said in each language', (entry, english, german) => {
  expect(calledLine(entry)).toBe(english);
  expect(speaking('de', () => calledLine(entry))).toBe(german);
});

test.each(CALLS)(
  '%# what is saved in one language is read in the other',
  (entry, english, german) => {
    const kept = speaking('de', () => keptLine(entry));
    expect(calledWords(kept)).toBe(english);
    expect(speaking('de', () => calledWords(keptLine(entry)))).toBe(german);
  },
);

test('a line that was kept in another way stays as it was', () => {
  for (const line of ['56, Schlagfläche 1:45, Schwung 9:15', '56, square', '']) {
    expect(calledWords(line)).toBe(line);
  }
});
