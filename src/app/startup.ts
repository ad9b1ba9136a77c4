import { errorWords } from '@/core/tell/facts/faultWords';
import { closeDatabase, database } from '@/data/database';
import { copiesIn } from '@/data/folder/copies';
import type { Copies, Database } from '@/data/opening/database';

/** How often it is looked whether a copy is due, and how old the newest may become, ms. */
const LOOK_MS = 60 * 60_000;
const FIRST_LOOK_MS = 5 * 60_000;
const DAY_MS = 24 * 60 * 60_000;

/** Makes the daily copy once the newest is a day old. */
async function copyIfDue({ folder, make }: Copies): Promise<void> {
  const [newest] = copiesIn(folder);
  // One from the future was made before the clock was put back.
  if (newest && Math.abs(Date.now() - newest.at.getTime()) < DAY_MS) return;
  try {
    await make('daily');
  } catch (error) {
    process.stderr.write(`${errorWords(error)}\n`);
  }
}

/** The database that was opened as the server started; null while it is built. */
export let opened: Database | null = null;

/* Runs once as the server starts. A server that cannot open its data must not stay up and answer 500. */
if (process.env.NEXT_PHASE !== 'phase-production-build') {
  try {
    const open = await database();
    opened = open;
    const { copies } = open;
    if (copies) {
      const look = (): void => void copyIfDue(copies);
      setTimeout(look, FIRST_LOOK_MS).unref();
      setInterval(look, LOOK_MS).unref();
    }
  } catch (error) {
    process.stderr.write(`${errorWords(error)}\n`);
    process.exit(3);
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => {
      closeDatabase()
        .catch((error: unknown) => process.stderr.write(`${errorWords(error)}\n`))
        .finally(() => process.exit(0));
    });
  }
}
