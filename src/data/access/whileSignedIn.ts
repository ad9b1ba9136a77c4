import type { Tx } from '../sql/sql';

/** How often it is looked whether sessions still stand, ms: one question for all lines of this process. */
const LOOK_MS = 1000;

/** What hangs on each session, and ends with it. */
const hanging = new Map<string, Set<() => void>>();
let looking: NodeJS.Timeout | null = null;

/** Ends what hangs on sessions that are over: signed out, ended, too old, or of an account that is. */
async function look(sql: Tx): Promise<void> {
  const { rows } = await sql.query<{ id: string }>(
    `select s.id from sessions s join accounts a on a.id = s.account_id
     where s.id = any($1::uuid[]) and s.ends_at > now() and a.ended_at is null`,
    [[...hanging.keys()]],
  );
  const standing = new Set(rows.map(({ id }) => id));
  for (const [session, ends] of hanging)
    if (!standing.has(session)) for (const over of [...ends]) over();
}

/**
 * Calls `over` within a second of the end of a session, whoever ended it and in whichever process; not while the database is away.
 *
 * @returns lets go of it
 */
export function whileSignedIn(sql: Tx, session: string, over: () => void): () => void {
  const ends = hanging.get(session) ?? new Set();
  hanging.set(session, ends.add(over));
  looking ??= setInterval(() => void look(sql).catch(() => undefined), LOOK_MS).unref();
  return () => {
    ends.delete(over);
    if (ends.size === 0 && hanging.get(session) === ends) hanging.delete(session);
    if (hanging.size > 0 || !looking) return;
    clearInterval(looking);
    looking = null;
  };
}
