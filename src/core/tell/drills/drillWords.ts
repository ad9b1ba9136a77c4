import { told } from '@/core/tell/language/told';
import type { DrillMark, Load, Trained } from '@/core/lesson/drills/drill';

/** What is trained, as it is said. */
export const TRAINED_WORDS: Record<Trained, string> = told({
  entry: 'entry point',
  depth: 'depth',
  face: 'face',
  weight: 'weight and balance',
  finish: 'finish',
  speed: 'length of swing',
  distance: 'distance',
  aim: 'aim and start line',
  lip: 'high lips',
  buried: 'buried lies',
  slopes: 'slopes',
  long: 'long bunker shots',
  'club choice': 'choice of club',
});

/** How hard a drill is on the body. */
export const LOAD_WORDS: Record<Load, string> = told({
  light: 'light',
  full: 'full swings in sand',
  buried: 'buried lies',
});

/** What is set up. */
export const MARK_WORDS: Record<DrillMark['kind'], string> = told({
  line: 'line',
  box: 'box',
  dent: 'dent',
  tee: 'tee under the ball',
  gate: 'gate',
  band: 'band to land in',
});
