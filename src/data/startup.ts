import { closeDatabase, database } from './database';

/* Runs once as the server starts. A server that cannot open its data must not stay up and answer 500. */
if (process.env.NEXT_PHASE !== 'phase-production-build') {
  try {
    await database();
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
    process.exit(3);
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => {
      void closeDatabase().finally(() => process.exit(0));
    });
  }
}
