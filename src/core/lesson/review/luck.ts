import { inverseNormal } from '@/core/ground/numeric/normal';

/*
 * What is said to have changed, over all the places that say so: of players who do not change, one in twenty is told of a change in a month.
 * Whoever looks often finds something: so each place has a part of that, shared among all that it shows.
 */

/** Share of unchanged players who are told of a change in a month. */
const FALSE_ALARMS = 0.05;

/** What each place may spend of it. */
const PART = { lessons: 0.5, homework: 0.3, tests: 0.2 } as const;

/** Lessons that a player has in a month at most, as a rule. */
const LESSONS_A_MONTH = 8;

/** Deviates beyond which the halves of one lesson are said to differ. */
export const LESSON_Z = inverseNormal(1 - (FALSE_ALARMS * PART.lessons) / LESSONS_A_MONTH / 2);

/**
 * A drill is looked at again after each session, with the sessions before: so many looks in a month are worth this many of their own. Tuned to
 * months of four to twelve days in which nobody changes (`falseAlarms.test.ts`).
 */
const LOOKS_WORTH = 2.5;

/** Share of looks at one of so many drills that may find a change where there is none. */
export const drillAlarm = (drills: number): number =>
  (FALSE_ALARMS * PART.homework) / LOOKS_WORTH / Math.max(1, drills);

/** How sure a bunker test is before it speaks of a change. */
export const TEST_SURE = 1 - (FALSE_ALARMS * PART.tests) / 2;
