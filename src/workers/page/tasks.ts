import { callTasks } from './calls';
import type { Job, Task } from './job';
import { scriptTasks } from './scripts';
import type { seldomTasks } from './seldom';

/** What a thread has from the start. */
const ready = { ...callTasks, ...scriptTasks };

/** Everything that a thread of the page works out. */
type Tasks = typeof ready & typeof seldomTasks;

export type TaskName = keyof Tasks;

/** The task of a name. */
export async function taskNamed(name: TaskName): Promise<Task> {
  if (name in ready) return ready[name as keyof typeof ready] as Task;
  const { seldomTasks: seldom } = await import('./seldom');
  return seldom[name as keyof typeof seldom] as Task;
}

/** What a task is asked. */
export type Asked<N extends TaskName> = Parameters<Tasks[N]> extends [Job, ...infer A] ? A : never;

/** What a task answers. */
export type Answered<N extends TaskName> = Awaited<ReturnType<Tasks[N]>>;
