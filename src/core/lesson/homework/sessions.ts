import { UTCDate } from '@date-fns/utc';
import { addDays, format, getISODay } from 'date-fns';
import type { BodyCaution } from '@/core/ground/player/player';
import { dosedWithin } from '../drills/dose';
import { mostBalls } from '../drills/load';
import type { NamedDrill } from '../drills/drill';
import type { Homework, PlanItem } from './plan';
import type { StoredHomework } from './stored';

/** What is done in one session: drills with their balls. */
export type SessionWork = readonly PlanItem[];

export type SessionState = 'done' | 'missed' | 'coming';

/** A session of a plan. */
export interface Session {
  /** Its number in the plan, from 1; what a missed session was for keeps its number when it moves. */
  nth: number;
  /** YYYY-MM-DD. */
  day: string;
  work: SessionWork;
  state: SessionState;
}

/** Balls hit and raked in a minute, without hurry. Tuned: forty seconds a ball. */
const BALLS_A_MINUTE = 1.5;

/** Minutes of a session that are for getting there, warming up and the last rake. */
const AROUND = 5;

/**
 * Balls that a session has time for.
 *
 * @example
 * ballsIn(30); // => 37
 */
export const ballsIn = (minutes: number): number =>
  Math.max(1, Math.floor((minutes - AROUND) * BALLS_A_MINUTE));

/** How much more often a drill is done than the one that stands behind it. Tuned. */
const RANK_FACTOR = 0.75;

/**
 * What each of so many sessions is for: as many drills as there is time for, the first of the plan most often, all of them in turn,
 * and no more balls of hard drills than a body takes.
 *
 * @param drills those of the plan; items of others are left out
 */
export function workOf(
  plan: Pick<Homework, 'items' | 'minutes'>,
  count: number,
  drills: ReadonlyMap<string, NamedDrill>,
  cautions: readonly BodyCaution[],
): SessionWork[] {
  const items = plan.items.flatMap(({ drill, ...dose }) => {
    const known = drills.get(drill);
    if (!known) return [];
    const most = mostBalls(known.load, cautions);
    return most === 0 ? [] : [{ drill, load: known.load, most, ...dosedWithin(dose, most) }];
  });
  const all = items.reduce((sum, _, rank) => sum + RANK_FACTOR ** rank, 0);
  const share = new Map(items.map(({ drill }, rank) => [drill, RANK_FACTOR ** rank / all]));
  // What each drill is still owed: its share of all turns, less those that it had.
  const owed = new Map(share);
  return Array.from({ length: count }, () => {
    let left = ballsIn(plan.minutes);
    const spent = new Map<string, number>();
    const chosen: PlanItem[] = [];
    const inTurn = [...items].sort((a, b) => owed.get(b.drill)! - owed.get(a.drill)!);
    for (const { drill, load, most, ...dose } of inTurn) {
      const room = Math.min(most - (spent.get(load) ?? 0), chosen.length === 0 ? left : Infinity);
      if (room < 1) continue;
      const fits = dosedWithin(dose, room);
      if (fits.balls > left) continue;
      left -= fits.balls;
      spent.set(load, (spent.get(load) ?? 0) + fits.balls);
      chosen.push({ drill, ...fits });
      owed.set(drill, owed.get(drill)! - 1);
    }
    for (const { drill } of items) {
      owed.set(drill, owed.get(drill)! + chosen.length * share.get(drill)!);
    }
    return chosen;
  });
}

/** A day after another: calendar days, wherever the clock stands. */
const dayAfter = (day: string, days: number): string =>
  format(addDays(new UTCDate(day), days), 'yyyy-MM-dd');

/** The practice days of a plan, for as long as they are asked for. */
function* practiceDays({ starts_on, weekdays }: Homework): Generator<string> {
  for (let after = 0; ; after++) {
    const day = dayAfter(starts_on, after);
    if (weekdays.includes(getISODay(new UTCDate(day)))) yield day;
  }
}

/** How many sessions a plan has: its practice days in its weeks. */
export const sessionCount = ({ weeks, weekdays }: Pick<Homework, 'weeks' | 'weekdays'>): number =>
  weeks * weekdays.length;

/** Practice days that may pass without one before a plan that shifts is given up. */
const MOST_MISSED = 60;

/**
 * The sessions of a plan in order of days. A day that passed without anything written down is missed: its work lapses, or is moved to the
 * next practice day with all that follows.
 *
 * @param done days on which something was written down
 * @param today YYYY-MM-DD
 */
export function sessionsOf(
  plan: Homework,
  work: readonly SessionWork[],
  done: ReadonlySet<string>,
  today: string,
): Session[] {
  const sessions: Session[] = [];
  let missed = 0;
  let nth = 1;
  for (const day of practiceDays(plan)) {
    if (nth > work.length) break;
    const state = done.has(day) ? 'done' : day < today ? 'missed' : 'coming';
    sessions.push({ nth, day, work: work[nth - 1]!, state });
    if (state === 'missed' && plan.missed === 'shift' && ++missed < MOST_MISSED) continue;
    nth++;
  }
  return sessions;
}

/**
 * The sessions of stored practice, as they stand on a day.
 *
 * @param drills by their ids
 */
export function sessionsFor(
  { plan, cautions, results }: Pick<StoredHomework, 'plan' | 'cautions' | 'results'>,
  drills: ReadonlyMap<string, NamedDrill>,
  today: string,
): Session[] {
  const work = workOf(plan, sessionCount(plan), drills, cautions);
  return sessionsOf(plan, work, new Set(results.map(({ day }) => day)), today);
}
