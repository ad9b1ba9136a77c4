import ICAL from 'ical.js';
import { aHomework } from '@/core/testing/homework';
import { libraryDrills } from '@/core/tell/drills/libraryWords';
import { calendarOf } from './calendar';
import type { Homework } from '@/core/lesson/homework/plan';
import { sessionCount, sessionsOf, workOf } from '@/core/lesson/homework/sessions';

const LIBRARY = libraryDrills();

const drills = new Map(LIBRARY.map((drill) => [drill.id, drill]));
const ID = '11111111-1111-4111-8111-111111111111';

/** The events of a plan's file, read by another package. */
function eventsOf(
  plan: Homework,
  { revision = 0, most = 0, done = [] as string[], today = plan.starts_on } = {},
) {
  const work = workOf(plan, sessionCount(plan), drills, []);
  const file = calendarOf({
    id: ID,
    plan,
    playerName: 'Ada; Lovelace, the "first"',
    sessions: sessionsOf(plan, work, new Set(done), today),
    drills,
    revision,
    most,
    now: '2026-05-30T08:00:00Z',
  });
  expect(file.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(
    true,
  );
  const root = new ICAL.Component(ICAL.parse(file));
  return root.getAllSubcomponents('vevent').map((component) => ({
    event: new ICAL.Event(component),
    component,
  }));
}

const utc = (time: ICAL.Time): string => time.toJSDate().toISOString();

test('each session is an event at the plan’s time of day, on summer time and off it', () => {
  // Summer time ends in Lisbon on 25 October 2026.
  const events = eventsOf(aHomework({ starts_on: '2026-10-19', weeks: 2, weekdays: [5] }));
  expect(events.map(({ event }) => [utc(event.startDate), utc(event.endDate)])).toEqual([
    ['2026-10-23T16:30:00.000Z', '2026-10-23T17:00:00.000Z'],
    ['2026-10-30T17:30:00.000Z', '2026-10-30T18:00:00.000Z'],
  ]);
});

test('says what is practised and where, and reminds an hour before', () => {
  const [{ event, component }] = eventsOf(aHomework()) as [ReturnType<typeof eventsOf>[number]];
  expect(event.summary).toMatch(/^.+: bunker practice 1 of 4$/);
  expect(event.location).toBe('Practice bunker');
  expect(event.description).toContain('10 balls. Line in the sand: make every divot start on it');
  const [alarm] = component.getAllSubcomponents('valarm');
  expect(String(alarm!.getFirstPropertyValue('trigger'))).toBe('-PT1H');
});

test('a changed plan changes its events: same ids, a higher number, and what is no more is cancelled', () => {
  const first = eventsOf(aHomework());
  const then = eventsOf(aHomework({ weeks: 1, at: '09:00' }), { revision: 3, most: 4 });
  expect(then.map(({ event }) => event.uid)).toEqual(first.map(({ event }) => event.uid));
  expect(then.map(({ event }) => event.sequence)).toEqual([3, 3, 3, 3]);
  expect(then.map(({ component }) => component.getFirstPropertyValue('status'))).toEqual([
    null,
    null,
    'CANCELLED',
    'CANCELLED',
  ]);
});

test('a session that moved keeps its id on its new day', () => {
  const plan = aHomework({ missed: 'shift' });
  const before = eventsOf(plan, { done: ['2026-06-02'], today: '2026-06-03' });
  const after = eventsOf(plan, { done: ['2026-06-02'], today: '2026-06-08' });
  expect(after.map(({ event }) => event.uid)).toEqual(before.map(({ event }) => event.uid));
  expect(utc(before[1]!.event.startDate)).toBe('2026-06-05T16:30:00.000Z');
  expect(utc(after[1]!.event.startDate)).toBe('2026-06-09T16:30:00.000Z');
});
