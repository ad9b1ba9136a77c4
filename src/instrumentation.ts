import { openingFault } from '@/app/entrance';

/** Opens the database before the first request, in the Node.js server only; not at all where everybody would be let in. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { MELLOW_HOST, MELLOW_PASSPHRASE } = process.env;
  const fault = openingFault(MELLOW_HOST || undefined, MELLOW_PASSPHRASE || undefined);
  if (fault !== null) {
    process.stderr.write(`${fault}\n`);
    process.exit(3);
  }
  await import('@/data/startup');
}
