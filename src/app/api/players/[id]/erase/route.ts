import { BackupFailed } from '@/data/backup/backup';
import { wholeData } from '@/app/data';
import { erasePlayer } from '@/data/erase';
import { whenDone } from '../../../respond';
import type { IdContext } from '../../../idContext';

function unlessBackupFailed(error: unknown): void {
  if (!(error instanceof BackupFailed)) throw error;
}

export const dynamic = 'force-dynamic';

/** Takes everything about a player away for good: there is no way back from this. */
export function POST(_request: Request, { params }: IdContext): Promise<Response> {
  return whenDone(async () => {
    const database = await wholeData();
    const erased = await erasePlayer(database, (await params).id);
    // The older copies are gone in any case; a new one that fails is made the next day.
    if (erased) await database.copies?.renew().catch(unlessBackupFailed);
    return erased;
  });
}
