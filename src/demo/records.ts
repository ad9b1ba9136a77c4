import { DEMO_HOUSE, DEMO_PLAYERS } from './academy';
import { DEMO_GROUND_LESSON_ID, DEMO_PLACE_ID } from './ground';
import { DEMO_LESSONS } from './lesson';

/** What the demo put in, by its ids. */
export const DEMO_RECORDS = {
  players: DEMO_PLAYERS.map(({ id }) => id),
  lessons: [...DEMO_LESSONS.map(({ id }) => id), DEMO_GROUND_LESSON_ID],
  places: [DEMO_PLACE_ID],
  house: DEMO_HOUSE,
} as const;
