import type { PGlite } from '@electric-sql/pglite';

/** Told when a ball of a lesson is logged, changed or taken away. */
type Told = () => void;

const CHANNEL = 'mellow_balls';

/** Whoever watches a lesson, by its id. */
const watching = new Map<string, Set<Told>>();

/** The listening of this process, begun with the first who watches. */
let listening: Promise<unknown> | null = null;

/**
 * Tells whenever the database says that a ball of a lesson was touched, by whomever: which ones is asked for by what was known before, so
 * that nothing is lost where a word is.
 *
 * @returns stops it
 */
export async function watchBalls(sql: PGlite, lesson: string, told: Told): Promise<() => void> {
  listening ??= sql.listen(CHANNEL, (id) => watching.get(id)?.forEach((tell) => tell()));
  try {
    await listening;
  } catch (error) {
    // Whoever watches next tries again.
    listening = null;
    throw error;
  }
  const own = watching.get(lesson) ?? new Set();
  watching.set(lesson, own.add(told));
  return () => {
    own.delete(told);
    if (own.size === 0) watching.delete(lesson);
  };
}
