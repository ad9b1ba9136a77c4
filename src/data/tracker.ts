import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Sql } from './sql/sql';
import type { TrackerAim } from '@/core/lesson/tracker/aim';

/* The tracker that may send balls: its key, and what its balls are taken for. */

/** How long a lesson's word holds: it says it again every minute while it is open. */
const AIM_HOLDS = '3 minutes';

const digest = (key: string): Buffer => createHash('sha256').update(key).digest();

/** How the tracker stands. */
export interface TrackerState {
  /** When its key was made, ISO 8601, UTC; null while there is none. */
  keyMadeAt: string | null;
  aim: TrackerAim | null;
}

/** Makes a key; the one before is of no use from then on. It is given here and never again. */
export async function makeTrackerKey(db: Sql): Promise<string> {
  const key = randomBytes(18).toString('base64url');
  await db.query('update tracker set key_hash = $1, key_made_at = now()', [
    digest(key).toString('hex'),
  ]);
  return key;
}

/** True for the key that was made last. */
export async function isTrackerKey(db: Sql, key: string): Promise<boolean> {
  const { rows } = await db.query<{ key_hash: string | null }>('select key_hash from tracker');
  const stored = rows[0]?.key_hash;
  return Boolean(stored) && timingSafeEqual(Buffer.from(stored!, 'hex'), digest(key));
}

/**
 * How the tracker stands; an aim that its lesson has not said again for a while is none. Where it is aimed at a lesson that who asks may not see,
 * it is as if there were none.
 */
export async function trackerState(db: Sql): Promise<TrackerState> {
  const { rows } = await db.query<TrackerState>(
    `select to_char(key_made_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS"Z"') as "keyMadeAt",
       case when aimed_at between now() - $1::interval and now() then aim end as aim from tracker`,
    [AIM_HOLDS],
  );
  return rows[0] ?? { keyMadeAt: null, aim: null };
}

/** Says what the tracker's balls are taken for; false where it is taken by a lesson that who asks may not see. */
export async function aimTracker(db: Sql, aim: TrackerAim): Promise<boolean> {
  const { rows } = await db.query('update tracker set aim = $1, aimed_at = now() returning id', [
    JSON.stringify(aim),
  ]);
  return rows.length > 0;
}

/** Takes the word back that the tracker's balls are for somebody at a station; another's word stays. */
export async function leaveTracker(
  db: Sql,
  { lesson, player, station }: Pick<TrackerAim, 'lesson' | 'player' | 'station'>,
): Promise<void> {
  await db.query(
    `update tracker set aim = null
     where aim ->> 'lesson' = $1 and aim ->> 'player' = $2 and (aim ->> 'station')::integer = $3`,
    [lesson, player, station],
  );
}
