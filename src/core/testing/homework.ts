import type { Homework } from '@/core/lesson/homework/plan';

/** Two sessions a week for two weeks, of three drills, and what a test says otherwise. 1 June 2026 is a Monday. */
export const aHomework = (fields: Partial<Homework> = {}): Homework => ({
  player: 'ada',
  starts_on: '2026-06-01',
  weeks: 2,
  weekdays: [2, 5],
  at: '17:30',
  minutes: 30,
  where: 'Practice bunker',
  zone: 'Europe/Lisbon',
  missed: 'lapse',
  items: [
    { drill: 'line', balls: 10 },
    { drill: 'swing-ladder', balls: 12 },
    { drill: 'gate', balls: 10 },
  ],
  note: '',
  ...fields,
});
