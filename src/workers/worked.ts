import { FaultyInput, type Fault } from '@/core/contract/check/fault';

/** What came of work in a thread: errors do not keep their class on the way out of it. */
export type Worked<T> = { value: T } | { faults: readonly Fault[] };

/** Does a piece of work; faulty input comes back as its faults, anything else is thrown. */
export async function worked<T>(work: () => T | Promise<T>): Promise<Worked<T>> {
  try {
    return { value: await work() };
  } catch (error) {
    if (error instanceof FaultyInput) return { faults: error.faults };
    throw error;
  }
}
