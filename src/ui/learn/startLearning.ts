/** Starts the worker that learns, compares and finds faults; one function, so that the bundler sees the file's address. */
export const startLearning = (): Worker =>
  new Worker(new URL('../../workers/learn.worker.ts', import.meta.url), { type: 'module' });
