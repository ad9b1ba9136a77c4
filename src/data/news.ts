import type { TouchedBall } from '@/core/lesson/balls/ball';
import { ballsTouched } from './balls';
import type { Engine, Sql } from './sql/sql';

const CHANNEL = 'mellow_balls';

/** How soon is looked again where the database did not answer, ms. */
const AGAIN_MS = 1000;

interface Follower {
  /** The `touched` of the last ball that it was given. */
  after: number;
  take: (balls: readonly TouchedBall[]) => void;
}

/** Those who follow one lesson and see the same of it: what is new is asked for once for all of them. */
interface Group {
  lesson: string;
  seen: Sql;
  followers: Set<Follower>;
  /** Whether it is asked at this moment, and whether something was touched since. */
  asking: boolean;
  due: boolean;
}

const groups = new Map<string, Group>();

/** The listening of this process, begun with the first who follows. */
let listening: Promise<unknown> | null = null;

/** Gives each follower what it has not been given, until nothing was touched meanwhile. */
async function look(group: Group): Promise<void> {
  group.due = true;
  if (group.asking) return;
  group.asking = true;
  try {
    while (group.due && group.followers.size > 0) {
      group.due = false;
      const first = Math.min(...[...group.followers].map(({ after }) => after));
      const balls = await ballsTouched(group.seen, group.lesson, first);
      for (const follower of group.followers) give(follower, balls);
    }
  } catch {
    setTimeout(() => void look(group), AGAIN_MS).unref();
  } finally {
    group.asking = false;
  }
}

function give(follower: Follower, balls: readonly TouchedBall[]): void {
  const own = balls.filter(({ touched }) => touched > follower.after);
  if (own.length === 0) return;
  follower.after = own.at(-1)!.touched;
  follower.take(own);
}

function listen(sql: Engine): Promise<unknown> {
  const all = (): Group[] => [...groups.values()];
  return sql.listen(
    CHANNEL,
    (word) => all().forEach((group) => group.lesson === word && void look(group)),
    () => all().forEach((group) => void look(group)),
  );
}

/** Who follows, what of the database that one sees, and a name for that: the same for those who see the same. */
export interface Sight {
  name: string;
  seen: Sql;
}

/**
 * Brings the balls of a lesson as they are logged, changed, taken away or brought back, by whatever device and process: in the order of
 * their `touched`, none left out, from the one after `after` on.
 *
 * @param sql the database itself
 * @returns ends it
 */
export async function followBalls(
  sql: Engine,
  { name, seen }: Sight,
  lesson: string,
  after: number,
  take: Follower['take'],
): Promise<() => void> {
  listening ??= listen(sql);
  try {
    await listening;
  } catch (error) {
    // Whoever follows next tries again.
    listening = null;
    throw error;
  }
  const key = `${lesson} ${name}`;
  const group = groups.get(key) ?? {
    lesson,
    seen,
    followers: new Set(),
    asking: false,
    due: false,
  };
  const follower = { after, take };
  groups.set(key, group);
  group.followers.add(follower);
  void look(group);
  return () => {
    group.followers.delete(follower);
    if (group.followers.size === 0) groups.delete(key);
  };
}
