import type { Habits } from '@/core/model/golfer/habits';
import type { Trained } from '../drills/drill';

/** What practice can better of a player's swings. */
export const GAINS = ['entry-spread', 'entry-bias', 'distance', 'face'] as const;

export type GainName = (typeof GAINS)[number];

/** What may be put in order of worth: gains of the swing, and choosing the club that is called. */
export type Worked = GainName | 'club';

/** What a drill for it trains. */
export const TRAINS: Readonly<Record<Worked, readonly Trained[]>> = {
  'entry-spread': ['entry', 'depth', 'weight'],
  'entry-bias': ['entry', 'weight'],
  distance: ['speed', 'distance', 'finish'],
  face: ['aim', 'face'],
  club: ['club choice', 'long'],
};

/**
 * What an hour of practice is taken to bring: a spread that is so much of itself narrower. Tuned to what coaches hope for; it is said
 * beside the answer and can be changed.
 */
export const HOUR = { usual: 0.1, choices: [0.05, 0.1, 0.15, 0.2] } as const;

/** A mean error goes faster than a spread: what narrows a spread by a tenth halves it. Tuned. */
const BIAS_AS_FAST = Math.log(0.5) / Math.log(0.9);

/**
 * Habits after an hour of practice.
 *
 * @param share by which a spread is narrower, from 0 to below 1
 * @throws RangeError for another share
 */
export function practised(habits: Habits, gain: GainName, share: number): Habits {
  if (!(share >= 0 && share < 1)) throw new RangeError(`practised: a share of ${share}`);
  const left = 1 - share;
  switch (gain) {
    case 'entry-spread':
      return { ...habits, mark: habits.mark * left, height: habits.height * left };
    case 'entry-bias': {
      const bias = left ** BIAS_AS_FAST;
      return {
        ...habits,
        bias: {
          ...habits.bias,
          mark: habits.bias.mark * bias,
          height: habits.bias.height * bias,
        },
      };
    }
    case 'distance':
      return { ...habits, speed: habits.speed * left, quit: habits.quit * left };
    case 'face':
      return { ...habits, face: habits.face * left, aim: habits.aim * left };
  }
}
