import { t } from '@/core/ground/language/t';
import type { BodyCaution } from '@/core/ground/player/player';
import { counted } from '@/core/tell/words/counted';
import { MOST_BALLS } from './drill';

/** How much of a drill: so many sets of so many balls, with a rest and a rake between sets. */
export interface Dose {
  sets: number;
  balls: number;
}

/** What may be chosen. A hundred balls out of sand are a lot for anybody's wrists and back. */
export const DOSES = { sets: [1, 2, 3, 4, 5], balls: [4, 5, 6, 8, 10, 12, 15, 20] } as const;
export const MOST_SETS = 5;

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

/** Balls of a drill, and the sets that they are hit in where there are several. */
export interface DosedBalls {
  balls: number;
  sets?: number | undefined;
}

/** Balls of a drill set by set; in one where they do not come out even. */
export const inSets = ({ balls, sets = 1 }: DosedBalls): Dose =>
  balls % sets === 0 ? { sets, balls: balls / sets } : { sets: 1, balls };

/**
 * Balls of a drill as short as a list of sessions says them; sets that do not come out even are not said.
 *
 * @example
 * dosedBalls({ balls: 24, sets: 3 }); // => '3 × 8'
 * dosedBalls({ balls: 10 }); // => '10'
 */
export function dosedBalls(dosed: DosedBalls): string {
  const { sets, balls } = inSets(dosed);
  return sets > 1 ? `${sets} × ${balls}` : String(balls);
}

/**
 * The same in words.
 *
 * @example
 * dosedWords({ balls: 24, sets: 3 }); // => '3 sets of 8 balls'
 */
export const dosedWords = (dosed: DosedBalls): string => doseWords(inSets(dosed));

/** So many of the balls as there is room for: whole sets, where a set fits. */
export function dosedWithin({ balls, sets = 1 }: DosedBalls, room: number): DosedBalls {
  if (balls <= room) return sets > 1 ? { balls, sets } : { balls };
  const size = balls / sets;
  const whole = Math.floor(room / size);
  if (whole < 1 || !Number.isInteger(size)) return { balls: room };
  return whole > 1 ? { balls: whole * size, sets: whole } : { balls: size };
}

/**
 * The drills of a homework that {@link drillLine} wrote, with their doses, in the order in which they stand there; what was written otherwise
 * names none.
 *
 * @example
 * itemsNamedIn('Weight forward. Line in the sand. 3 sets of 8 balls.', [{ id: 'line', brief: 'Line in the sand.' }]); // => [{ drill: 'line', balls: 24, sets: 3 }]
 */
export function itemsNamedIn(
  homework: string,
  drills: readonly { id: string; brief: string }[],
): ({ drill: string } & DosedBalls)[] {
  const found = drills.flatMap(({ id, brief }) => {
    const at = homework.lastIndexOf(brief);
    if (at < 0) return [];
    const said = homework.slice(at + brief.length);
    for (const sets of DOSES.sets)
      for (const balls of DOSES.balls)
        if (said.startsWith(` ${doseWords({ sets, balls })}.`))
          return [
            { at, item: { drill: id, ...dosedWithin({ balls: sets * balls, sets }, MOST_BALLS) } },
          ];
    return [];
  });
  return found.sort((one, other) => one.at - other.at).map(({ item }) => item);
}
