import { worked } from '../worked';
import { TASKS, type Order, type TaskName } from './tasks';

/** Does one task in this thread. */
export default ({ name, asked }: Order<TaskName>) =>
  worked(() => (TASKS[name] as (...asked: readonly unknown[]) => unknown)(...asked));
