import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import { MOST_BALLS } from '@/core/lesson/drills/drill';
import { type Dose, type DosedBalls, inSets, DOSES, dosedWithin } from '@/core/lesson/drills/dose';

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

/**
 * The same in words.
 *
 * @example
 * dosedWords({ balls: 24, sets: 3 }); // => '3 sets of 8 balls'
 */
export const dosedWords = (dosed: DosedBalls): string => doseWords(inSets(dosed));

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
