import { isThin } from '@/core/ground/sand/trust';
import { t } from '@/core/tell/language/t';
import type { Sand } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';

/* Rules and care in the words in which every page says them. They defer to the Rules in force and to licensed practice. */

const marksInSand = () => t('Lines and marks in the sand are for practice areas only');

/** Where the group stands while somebody plays. */
export const nobodyAhead = () => t('Nobody ahead of the player or level with the ball');

/** Who decides what may be done, and what a body may do. */
export const whoDecides = () =>
  t(
    'The Rules of Golf in force and the Committee’s Local Rules decide. What the player’s body can take is for a coach, doctor or physiotherapist to say.',
  );

/** What stands at the foot of everything that is handed over. */
export const rulesFoot = (): string =>
  t('{marksInSand}; in play no touching the sand before the stroke. {whoDecides}', {
    marksInSand: marksInSand(),
    whoDecides: whoDecides(),
  });

/** What is asked of a player in a bunker in play; practice areas are freer. */
export const rulesInPlay = (): string[] => [
  t(
    'Before the stroke: no testing the sand with hand, club or rake, and no touching it just in front of or behind the ball, in a practice swing or in the backswing. A breach costs the general penalty.',
  ),
  t(
    'You may dig your feet in. Loose stones and leaves, and movable objects, may be taken away with care not to move the ball.',
  ),
  `${marksInSand()}.`,
  t(
    'An unplayable ball has options inside the bunker for one penalty stroke, stroke and distance, and outside the bunker on the line for two.',
  ),
];

/** What holds at every bunker. */
export const alwaysHolds = (): string[] => [
  t('{nobodyAhead}; the group behind the line, the next player waits.', {
    nobodyAhead: nobodyAhead(),
  }),
  t('Enter and leave by the low side, never over the face. Rake after.'),
  t('Shade, water; out at the first thunder.'),
];

/** Sand that a club is stopped by: packed, or thin over a base. */
export const isHard = (sand: Sand): boolean => isThin(sand) || sand.strength > 2e5;

/** Care that belongs to this sand and this lie. */
export function careFor(shot: Shot): string[] {
  const care: string[] = [];
  if (shot.sand.strength < 1e4)
    care.push(t('Dry sand gets in the eyes: cover them when it is blown or splashed.'));
  if (isHard(shot.sand)) {
    care.push(t('Thin or packed sand: look for stones and roots before hitting down.'));
  }
  if (shot.burial > 0.014) {
    care.push(
      t(
        'A sunken ball loads wrists, elbows and back: start at half effort, few repetitions, none with a fresh injury.',
      ),
    );
  }
  return care;
}
