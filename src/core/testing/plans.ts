import type { LessonPlan } from '@/core/lesson/plan/lesson';

/** A lesson of one player at one station, and what a test says otherwise. */
export const aPlan = (fields: Partial<LessonPlan> = {}): LessonPlan => ({
  held_on: '2026-05-02',
  place: 'Practice bunker',
  weather: '',
  players: ['ada'],
  stations: [
    { name: 'Low lip', shot: { pin_yd: 15, lip: { height_ft: 2, distance_ft: 8 } }, line: 1 },
  ],
  balls_per_station: 8,
  minutes_per_turn: 10,
  notes: '',
  ...fields,
});
