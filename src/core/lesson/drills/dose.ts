import { t } from '@/core/ground/language/t';
import type { BodyCaution } from '@/core/ground/player/player';
import { counted } from '@/core/tell/words/counted';

/** How much of a drill: so many sets of so many balls, with a rest and a rake between sets. */
export interface Dose {
  sets: number;
  balls: number;
}

/** What may be chosen. A hundred balls out of sand are a lot for anybody's wrists and back. */
export const DOSES = { sets: [1, 2, 3, 4, 5], balls: [4, 5, 6, 8, 10, 12, 15, 20] } as const;

const USUAL: Dose = { sets: 3, balls: 8 };
/** For whom a part of the body is to be spared: what loads it is kept short. */
const SPARING: Dose = { sets: 2, balls: 5 };

/**
 * How much of a drill to begin with.
 *
 * @example
 * usualDose([]); // => { sets: 3, balls: 8 }
 */
export const usualDose = (cautions: readonly BodyCaution[]): Dose =>
  cautions.length > 0 ? SPARING : USUAL;

/**
 * A dose in words.
 *
 * @example
 * doseWords({ sets: 3, balls: 8 }); // => '3 sets of 8 balls'
 * doseWords({ sets: 1, balls: 10 }); // => '10 balls'
 */
export const doseWords = ({ sets, balls }: Dose): string =>
  `${sets === 1 ? '' : `${t('{sets} of', { sets: counted(sets, 'set') })} `}${counted(balls, 'ball')}`;

/**
 * A line of homework: what to do, and how much of it.
 *
 * @example
 * drillLine({ fix: 'Weight forward.', drill: 'Line in the sand.' }, { sets: 2, balls: 5 }); // => 'Weight forward. Line in the sand. 2 sets of 5 balls.'
 */
export const drillLine = ({ fix, drill }: { fix: string; drill: string }, dose: Dose): string =>
  `${fix} ${drill} ${doseWords(dose)}.`.replace(/\s+/g, ' ');
