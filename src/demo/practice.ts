import { UTCDate } from '@date-fns/utc';
import { addDays, format, getISODay } from 'date-fns';
import type { Homework } from '@/core/lesson/homework/plan';
import type { DrillResult } from '@/core/lesson/homework/result';

/** Practice of a player of the demo, with how it went so far. */
export interface DemoPractice {
  id: string;
  plan: Homework;
  results: DrillResult[];
}

const ID = '5a17a0e5-0000-4000-8000-0000000000a1';

/** Two weeks of practice, half done on a day. */
export function demoPractice(today: string): DemoPractice {
  const dayFrom = (days: number): string => format(addDays(new UTCDate(today), days), 'yyyy-MM-dd');
  const past = [-6, -3];
  const plan: Homework = {
    player: 'ines-okafor',
    starts_on: dayFrom(-6),
    weeks: 2,
    weekdays: past.map((days) => getISODay(new UTCDate(dayFrom(days)))).sort((a, b) => a - b),
    at: '17:30',
    minutes: 30,
    where: 'Practice bunker behind the saltings',
    zone: 'UTC',
    missed: 'shift',
    items: [
      { drill: 'line', balls: 10 },
      { drill: 'two-lines', balls: 10 },
      { drill: 'swing-ladder', balls: 12 },
      { drill: 'both-and-see', balls: 10 },
    ],
    note: 'Slowly, and count out loud.',
  };
  const counted: [days: number, drill: string, count: number, of: number][] = [
    [-6, 'line', 5, 10],
    [-6, 'two-lines', 4, 10],
    [-6, 'swing-ladder', 6, 12],
    [-3, 'line', 7, 10],
    [-3, 'both-and-see', 4, 10],
    [-3, 'two-lines', 6, 10],
  ];
  return {
    id: ID,
    plan,
    results: counted.map(([days, drill, count, of], i) => ({
      id: `5a17a0e5-0000-4000-8000-0000000001${String(i).padStart(2, '0')}`,
      drill,
      day: dayFrom(days),
      count,
      of,
      note: '',
    })),
  };
}
