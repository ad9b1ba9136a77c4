import type { BodyCaution } from '@/core/ground/player/player';
import type { ListedDrill } from '../drills/chosen';
import { mostBalls } from '../drills/load';
import type { PlanItem } from '../homework/plan';
import { TRAINS } from './gains';
import { type Worth } from './worth';

/** Below this nothing is advised, strokes a shot. */
const WORTH_SAYING = 0.005;

/** What is worth practising, of some worths. */
export const advised = (worths: readonly Worth[]): Worth[] =>
  worths.filter(({ saved }) => saved.mean >= WORTH_SAYING);

/** How many drills are taken for the first, second and third thing that is worth practising. */
const DRILLS = [2, 1, 1];

/** Drills for what is worth most, most first, with their balls; none that the body should be spared. */
export function planItems(
  worths: readonly Worth[],
  drills: readonly ListedDrill[],
  cautions: readonly BodyCaution[],
): PlanItem[] {
  const items: PlanItem[] = [];
  advised(worths)
    .slice(0, DRILLS.length)
    .forEach(({ what }, rank) => {
      const trains = TRAINS[what];
      const fitting = drills
        .filter(
          (drill) =>
            !drill.archived &&
            mostBalls(drill.load, cautions) > 0 &&
            !items.some((item) => item.drill === drill.id) &&
            trains.some((each) => drill.trains.includes(each)),
        )
        .sort((a, b) => rankOf(a, trains) - rankOf(b, trains));
      for (const { id, balls, load } of fitting.slice(0, DRILLS[rank])) {
        items.push({ drill: id, balls: Math.min(balls, mostBalls(load, cautions)) });
      }
    });
  return items;
}

/** The earlier of what is wanted a drill trains, and the less besides, the better it fits. */
const rankOf = ({ trains }: ListedDrill, wanted: readonly string[]): number =>
  Math.min(...trains.map((each) => wanted.indexOf(each)).filter((at) => at >= 0)) * 10 +
  trains.length;
