import { readErasing } from '@/core/lesson/players/named';
import { BackupFailed } from '@/data/backup/backup';
import { wholeData } from '@/app/data';
import { erasePlayer, namedIn } from '@/data/erasing/erase';
import { notFound, whenDone, withFaults, withJson } from '../../../respond';
import type { IdContext } from '../../../idContext';

function unlessBackupFailed(error: unknown): void {
  if (!(error instanceof BackupFailed)) throw error;
}

export const dynamic = 'force-dynamic';

/** Where the player is named in what others have. */
export function GET(_request: Request, { params }: IdContext): Promise<Response> {
  return withFaults(async () => {
    const named = await namedIn((await wholeData()).sql, (await params).id);
    return named ? Response.json(named) : notFound();
  });
}

/** Takes everything about a player away for good: there is no way back from this. */
export function POST(request: Request, { params }: IdContext): Promise<Response> {
  return withJson(request, (body) =>
    whenDone(async () => {
      const { words } = readErasing(body);
      const database = await wholeData();
      const erased = await erasePlayer(database, (await params).id, words);
      // The older copies are gone in any case; a new one that fails is made the next day.
      if (erased) await database.copies?.renew().catch(unlessBackupFailed);
      return erased;
    }),
  );
}
