import type { BodyCaution } from '@/core/ground/player/player';

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

/** So many of the balls as there is room for: whole sets, where a set fits. */
export function dosedWithin({ balls, sets = 1 }: DosedBalls, room: number): DosedBalls {
  if (balls <= room) return sets > 1 ? { balls, sets } : { balls };
  const size = balls / sets;
  const whole = Math.floor(room / size);
  if (whole < 1 || !Number.isInteger(size)) return { balls: room };
  return whole > 1 ? { balls: whole * size, sets: whole } : { balls: size };
}
