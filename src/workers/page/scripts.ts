import type { Job } from './job';

/* What a thread is made of. */

export const scriptTasks = {
  /** Addresses that this thread was loaded from. The page that started it does not see them among its own. */
  scripts: (_: Job): string[] => performance.getEntriesByType('resource').map(({ name }) => name),
};
