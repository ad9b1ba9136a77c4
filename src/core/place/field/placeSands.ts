import { sandOf } from '@/core/ground/sand/sandOf';
import { presetSand, type Sand } from '@/core/ground/sand/presets';
import { sandOn } from '../record/onDay';
import { sandAt } from '../sight/sandAt';
import type { DrawnPlace } from '../sight/drawnPlace';
import { middleOfSand } from '../sight/middleOfSand';

/**
 * The sands of a place on a day, one for each bunker, felt in the middle of it; medium where nobody looked.
 *
 * @param day YYYY-MM-DD
 */
export const placeSands = ({ bunkers }: Pick<DrawnPlace, 'bunkers'>, day: string): Sand[] =>
  bunkers.map((drawn) => {
    const sand = sandAt(sandOn(drawn.bunker, day), middleOfSand(drawn));
    if (!sand) return presetSand('medium');
    const { preset, firmness, moisture, crust, depth_m: depth } = sand;
    return sandOf({ preset, firmness, moisture, crust, depth });
  });
