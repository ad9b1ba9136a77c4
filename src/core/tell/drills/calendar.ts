import { t } from '@/core/tell/language/t';
import { TZDate } from '@date-fns/tz';
import { UTCDate } from '@date-fns/utc';
import { addMinutes } from 'date-fns';
import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventStatus } from 'ical-generator';
import type { NamedDrill } from '@/core/lesson/drills/drill';
import { dosedWords } from '@/core/tell/drills/doseWords';
import type { Homework } from '@/core/lesson/homework/plan';
import { sessionCount, type Session } from '@/core/lesson/homework/sessions';

/** Minutes before a session at which a calendar reminds of it. */
const REMIND = 60;

/** A plan as it goes into a calendar. */
export interface Calendared {
  /** Id of the plan: with a session's number it names the event, so that a changed plan changes it. */
  id: string;
  plan: Homework;
  playerName: string;
  sessions: readonly Session[];
  /** Drills by their ids. */
  drills: ReadonlyMap<string, NamedDrill>;
  /** How often the plan was saved: a calendar takes the event with the higher number. */
  revision: number;
  /** Most sessions that the plan ever had: what is more than now is cancelled. */
  most: number;
  /** When the file is made, ISO 8601. */
  now: string;
}

const started = (day: string, at: string, zone: string): UTCDate => {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const [hours, minutes] = at.split(':').map(Number) as [number, number];
  // A moment: the same in every calendar, whatever it knows of the zone's summer time.
  return new UTCDate(new TZDate(year, month - 1, date, hours, minutes, zone).getTime());
};

/**
 * The sessions of a plan as a calendar file (RFC 5545): an event for each that is not missed, with an alarm, at the plan's time of day in
 * the plan's zone, on summer time or not.
 */
export function calendarOf(calendared: Calendared): string {
  const { id, plan, playerName, sessions, drills, revision, most, now } = calendared;
  const calendar = ical({
    name: t('Bunker practice: {playerName}', { playerName }),
    prodId: { company: 'Mellow Divot', product: 'Practice', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const uid = (nth: number): string => `${id}-${nth}@mellow-divot`;
  const stamp = new UTCDate(now);
  for (const { nth, day, work } of sessions.filter(({ state }) => state !== 'missed')) {
    const start = started(day, plan.at, plan.zone);
    const event = calendar.createEvent({
      id: uid(nth),
      sequence: revision,
      stamp,
      start,
      end: addMinutes(start, plan.minutes),
      summary: t('{playerName}: bunker practice {nth} of {sessionCount}', {
        playerName,
        nth,
        sessionCount: sessionCount(plan),
      }),
      description: [
        ...work.map(
          ({ drill, ...dose }) => `${dosedWords(dose)}. ${drills.get(drill)?.brief ?? drill}`,
        ),
        plan.note,
      ]
        .filter((line) => line !== '')
        .join('\n'),
      ...(plan.where ? { location: plan.where } : {}),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: REMIND * 60 });
  }
  const [first] = sessions;
  const gone = Math.max(0, ...sessions.map(({ nth }) => nth));
  for (let nth = gone + 1; nth <= most && first; nth++) {
    const start = started(first.day, plan.at, plan.zone);
    calendar.createEvent({
      id: uid(nth),
      sequence: revision,
      stamp,
      start,
      end: start,
      summary: t('{playerName}: bunker practice', { playerName }),
      status: ICalEventStatus.CANCELLED,
    });
  }
  return calendar.toString();
}
