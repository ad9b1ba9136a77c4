import { t } from '@/core/ground/language/t';
import { sayLength } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { BodyCaution } from '@/core/ground/player/player';
import type { ListedDrill } from '../drills/chosen';
import { mostBalls } from '../drills/load';
import type { PlanItem } from '../homework/plan';
import { WORKED } from './gains';
import { costlyFrom, type ShotWorth, type Worth } from './worth';

/** Below this nothing is advised, strokes a shot. */
const WORTH_SAYING = 0.005;

/** What is worth practising, of some worths. */
export const advised = (worths: readonly Worth[]): Worth[] =>
  worths.filter(({ saved }) => saved.mean >= WORTH_SAYING);

/** Where the club that is usually taken costs strokes, in a sentence; empty where it hardly does. */
export function clubAdvice(
  shots: readonly ShotWorth[],
  habit: string | null,
  units: UnitSystem,
): string {
  const from = habit && costlyFrom(shots);
  if (!from) return '';
  const pin = sayLength(from.pin, 'ground', units);
  const where = from.side === 'past' ? t('past {pin}', { pin }) : t('inside {pin}', { pin });
  return t('Stop taking the {habit} {where}: it costs {lost} strokes a shot there.', {
    habit,
    where,
    lost: from.lost.toFixed(2),
  });
}

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
      const { trains } = WORKED[what];
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
