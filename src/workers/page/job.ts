/** What a task is given besides what it is asked: a way to tell how far it is, and to hear that it is not wanted any more. */
export interface Job {
  /** Tells of a part of the answer, or of the answer so far. */
  show: (partial: unknown) => void;
  /** Lets messages in between two steps of long work; false when nobody waits for it any more. */
  goesOn: () => Promise<boolean>;
}

/**
 * Does work that pauses now and then, and lets messages in at every pause.
 *
 * @returns what it came to; null when nobody waits for it any more
 */
export async function paced<T>(job: Job, work: Generator<unknown, T>): Promise<T | null> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    if (!(await job.goesOn())) return null;
  }
}

/** A task gives its answer at once or later; what it throws of faulty input reaches whoever asked as faults. */
export type Task = (job: Job, ...asked: never[]) => unknown;
