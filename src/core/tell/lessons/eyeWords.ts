import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { Lie } from '@/core/ground/sand/lie';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import { fractionAtClock } from '@/core/ground/units/clock';
import type { Ability } from '@/core/lesson/eye/ability';
import type { Topic } from '@/core/lesson/eye/answer';
import type { Scene, Slope } from '@/core/lesson/eye/scene';

/** Topics as they are said. */
export const TOPIC_WORDS: Record<Topic, string> = told({
  distance: 'distance',
  lip: 'height of the lip',
  lie: 'lie',
  sand: 'sand',
  slope: 'slope',
  club: 'club',
  face: 'face',
  entry: 'entry point',
  swing: 'swing length',
});

/** Slopes as they are named. */
export const SLOPE_NAMES: Record<Slope, string> = told({
  level: 'level',
  uphill: 'uphill',
  downhill: 'downhill',
  above: 'ball above the feet',
  below: 'ball below the feet',
});

/** Faces that may be called, degrees open. */
export const FACES: readonly (readonly [deg: number, name: () => string])[] = [
  [-10, () => t('closed|face')],
  [0, () => t('square')],
  [12, () => t('slightly open')],
  [25, () => t('open|face')],
  [40, () => t('wide open')],
];

/** The share of a full swing with the lead arm at an hour, as the desk has it. */
const at = (hours: number): number => Math.round(fractionAtClock(hours) * 100) / 100;

/** Lengths of swing that may be called, as shares of full, by where the lead arm goes. */
export const SWINGS: readonly (readonly [fraction: number, name: () => string])[] = [
  [at(7.5), () => '7:30'],
  [at(8.5), () => '8:30'],
  [at(9), () => '9:00'],
  [at(10), () => '10:00'],
  [1, () => t('full|swing')],
];

/** Entry points that may be called, inches behind the ball. */
export const ENTRIES = [0, 1, 2, 3] as const;

/** What is felt under the feet, which no picture shows. */
export const feelWords = ({ sand }: Scene): string =>
  t('Under the feet: {feel}.', { feel: SAND_WORDS[sand].feel });

/** What a rehearsal beside the bunker tells. */
export const rehearsalWords = ({ slope }: Scene): string =>
  slope === 'downhill'
    ? t('In a rehearsal outside the sand the club brushes the ground early.')
    : slope === 'uphill'
      ? t('In a rehearsal outside the sand the club brushes the ground late.')
      : t('In a rehearsal outside the sand the club brushes the ground under the lead ear.');

/** The truth of a scene in a line, without its lengths. */
export const truthWords = ({ lie, sand, slope }: Scene): string =>
  `${LIE_WORDS[lie].name}, ${SAND_WORDS[sand].name}, ${SLOPE_NAMES[slope]}`;

/** Abilities as they are said: from here up. */
const NAMES: readonly (readonly [from: number, name: () => string])[] = [
  [1, () => t('sharp')],
  [0.3, () => t('good|ability')],
  [-0.4, () => t('fair')],
  [-1.1, () => t('shaky')],
  [-Infinity, () => t('weak')],
];

/** Above this spread nothing is said of an ability yet. */
const UNSURE = 0.7;

/**
 * An ability in a word, or that it is not known yet.
 *
 * @example
 * abilityWords({ mean: 0.5, deviation: 0.4 }); // => 'good'
 * abilityWords({ mean: 0.5, deviation: 0.9 }); // => 'too few scenes'
 */
export const abilityWords = ({ mean, deviation }: Ability): string =>
  deviation > UNSURE ? t('too few scenes') : NAMES.find(([from]) => mean >= from)![1]();

/** How much of the ball shows, for paper: the lie without its name. */
export const SHOWS_WORDS: Record<Lie, string> = told({
  clean: 'All of the ball shows.',
  'sitting-down': 'Most of the ball shows.',
  'fried-egg': 'A little more than half of the ball shows, with a rim round it.',
  plugged: 'A third of the ball shows.',
  buried: 'Only the crown of the ball shows.',
});
