import { worked, type Worked } from '../worked';
import { TASKS, type Order, type TaskName } from './tasks';

/** Does one task in this thread. */
export default function work({ name, asked }: Order<TaskName>): Promise<Worked<unknown>> {
  return worked(() => (TASKS[name] as (...asked: readonly unknown[]) => unknown)(...asked));
}
