import { auditTasks } from './audit';
import { groundTasks } from './ground';
import { learningTasks } from './learning';
import { practiceTasks } from './practice';

/** What a thread fetches when it is first asked for: a first call does not wait for it. */
export const seldomTasks = {
  ...auditTasks,
  ...learningTasks,
  ...practiceTasks,
  ...groundTasks,
};
