import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import type { Green, Beyond } from '@/core/ground/situation/green';
import type { Lie } from '@/core/ground/sand/lie';
import type { SandPreset } from '@/core/ground/sand/presets';

/** How each sand is said by itself, after "in" and in a word, and how feet and eyes know it. */
export const SAND_WORDS: Record<
  SandPreset,
  { name: string; within: string; short: string; feel: string }
> = told({
  powder: {
    short: 'powder',
    name: 'powdery sand',
    within: 'powdery sand|in it',
    feel: 'feet sink and keep sinking',
  },
  soft: {
    short: 'soft',
    name: 'soft sand',
    within: 'soft sand|in it',
    feel: 'feet sink to the laces',
  },
  medium: {
    short: 'medium',
    name: 'medium sand',
    within: 'medium sand|in it',
    feel: 'feet settle and stop',
  },
  firm: { short: 'firm', name: 'firm sand', within: 'firm sand|in it', feel: 'feet hardly settle' },
  wet: {
    short: 'wet',
    name: 'wet, packed sand',
    within: 'wet, packed sand|in it',
    feel: 'dark; footprints stay sharp',
  },
  hardpan: {
    short: 'hardpan',
    name: 'hardpan',
    within: 'hardpan|in it',
    feel: 'a skin of sand on hard ground',
  },
});

/** Lies: as tiles, as the sentence says them ("has a ball ..."), how a ball sits, and how deep it is. */
export const LIE_WORDS: Record<Lie, { name: string; said: string; sits: string; deep: string }> =
  told({
    clean: { name: 'clean', said: 'lying clean', sits: 'clean', deep: 'clean' },
    'sitting-down': {
      name: 'sitting down',
      said: 'sitting down a little',
      sits: 'sitting down a little',
      deep: 'sitting down',
    },
    'fried-egg': {
      name: 'fried egg',
      said: 'in a fried egg lie',
      sits: 'in a fried egg lie',
      deep: 'a fried egg',
    },
    plugged: {
      name: 'plugged',
      said: 'plugged in the sand',
      sits: 'plugged',
      deep: 'plugged',
    },
    buried: {
      name: 'buried',
      said: 'buried, only the top showing',
      sits: 'buried',
      deep: 'buried',
    },
  });

/** What may lie past the green, by itself. */
export const BEYOND_NAMES: Record<Beyond, string> = told({
  fringe: 'fringe',
  rough: 'rough',
  bunker: 'another bunker',
  water: 'water',
  'out-of-bounds': 'out of bounds',
});

/** The same as the sentence says it. */
export const BEYOND_WORDS: Record<Beyond, string> = told({
  fringe: 'fringe behind',
  rough: 'rough behind',
  bunker: 'another bunker behind',
  water: 'water behind',
  'out-of-bounds': 'out of bounds behind',
});

/** The article before a number of degrees. */
const aOf = (deg: number): string => (/^(8|11|18)/.test(String(deg)) ? t('an') : t('a'));

/** A slope in words: "level ground", "an 8° up-slope, ball 5° above the feet". */
export function slopeWords(alongDeg: number, acrossDeg: number): string {
  const along = Math.round(alongDeg);
  const across = Math.round(acrossDeg);
  const deg = Math.abs(along);
  const first =
    along === 0
      ? t('level ground')
      : along > 0
        ? t('{a} {deg}° upslope', { a: aOf(deg), deg })
        : t('{a} {deg}° downslope', { a: aOf(deg), deg });
  if (across === 0) return first;
  return across > 0
    ? t('{first}, ball {across}° above the feet', { first, across })
    : t('{first}, ball {across}° below the feet', { first, across: -across });
}

/** How a green takes a ball. */
export const FIRMNESS_WORDS: Record<Green['firmness'], string> = told({
  soft: 'soft',
  medium: 'medium',
  firm: 'firm',
});
