import { BackupFailed } from '@/data/backup/backup';
import { copiesIn } from '@/data/folder/copies';
import { wholeData } from '@/app/data';
import { refuse, withFaults, withText } from '../respond';

export const dynamic = 'force-dynamic';

/** When the newest copy of everything was made, and how many are kept. */
async function newest(): Promise<Response> {
  const { folder } = await wholeData();
  const copies = copiesIn(folder);
  return Response.json({ last: copies[0]?.at.toISOString() ?? null, kept: copies.length });
}

export const GET = (): Promise<Response> => withFaults(newest);

/** One copy at a time: who asks while one is made waits for that one. */
let making: Promise<unknown> | null = null;

/** Makes a copy now; nothing is to be said with it. */
export function POST(request: Request): Promise<Response> {
  return withText(request, 0, async () => {
    const { backup } = await wholeData();
    making ??= backup('asked').finally(() => {
      making = null;
    });
    try {
      await making;
    } catch (error) {
      if (error instanceof BackupFailed) {
        return refuse(507, [{ path: 'backup', message: error.message }]);
      }
      throw error;
    }
    return newest();
  });
}
