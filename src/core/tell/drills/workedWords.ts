import type { Worked } from '@/core/lesson/worth/gains';
import { told } from '../language/told';

/** What may be worth practising, and what for. */
export const WORKED_WORDS: Record<Worked, { name: string; aim: string }> = told({
  'entry-spread': {
    name: 'Same entry point every time',
    aim: 'a narrower spread of entry points',
  },
  'entry-bias': {
    name: 'Entry point where it is planned',
    aim: 'entry points as far behind the ball as called',
  },
  distance: { name: 'Distance control', aim: 'carries closer to plan' },
  face: { name: 'Face and start line', aim: 'balls that start closer to the line' },
  club: { name: 'Choice of club', aim: 'taking the club that is called' },
});
