import type { Lying } from '@/core/place/sight/drawnPlace';

/** What each kind of ground is filled with. */
export const LYING_FILLS: Record<Lying, string> = {
  sand: 'var(--sand)',
  green: 'var(--putting)',
  fringe: 'color-mix(in oklab, var(--turf), var(--putting) 55%)',
  fairway: 'color-mix(in oklab, var(--turf), var(--putting) 28%)',
  rough: 'var(--turf)',
  water: 'var(--water)',
  'out-of-bounds': 'var(--turf-deep)',
};
