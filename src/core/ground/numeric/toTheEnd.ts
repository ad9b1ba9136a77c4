/**
 * Runs work that pauses now and then without a pause.
 *
 * @example
 * function* work() { yield; return 3; }
 * toTheEnd(work()); // => 3
 */
export function toTheEnd<T>(work: Generator<unknown, T>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
