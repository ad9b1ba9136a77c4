import { auditTasks } from './audit';
import { callTasks } from './calls';
import { groundTasks } from './ground';
import type { Job } from './job';
import { learningTasks } from './learning';
import { practiceTasks } from './practice';
import { scriptTasks } from './scripts';

/** Everything that a thread of the page works out. */
export const TASKS = {
  ...callTasks,
  ...auditTasks,
  ...learningTasks,
  ...practiceTasks,
  ...groundTasks,
  ...scriptTasks,
};

export type TaskName = keyof typeof TASKS;

/** What a task is asked. */
export type Asked<N extends TaskName> =
  Parameters<(typeof TASKS)[N]> extends [Job, ...infer A] ? A : never;

/** What a task answers. */
export type Answered<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;
