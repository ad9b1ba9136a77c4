import { toldIn } from '@/core/tell/language/told';

/** The three inks of calls, each doubled by a line pattern so that nothing depends on hue. */
export const CALL_INKS = toldIn(['name'], [
  {
    colour: 'var(--call-1)',
    onTurf: 'var(--call-1-on-turf)',
    text: 'text-call-1',
    dash: undefined,
    name: 'solid line',
  },
  {
    colour: 'var(--call-2)',
    onTurf: 'var(--call-2-on-turf)',
    text: 'text-call-2',
    dash: '0.1 6.5',
    name: 'dotted line',
  },
  {
    colour: 'var(--call-3)',
    onTurf: 'var(--call-3-on-turf)',
    text: 'text-call-3',
    dash: '10 6',
    name: 'dashed line',
  },
] as const);

/** Ink of the call of this rank, counted from 0; later ranks share the last. */
export const inkOf = (rank: number): (typeof CALL_INKS)[number] =>
  CALL_INKS[Math.min(rank, CALL_INKS.length - 1)]!;
