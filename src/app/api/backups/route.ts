import { fact } from '@/core/ground/fact/fact';
import { copiesIn } from '@/data/folder/copies';
import type { Copies } from '@/data/opening/database';
import { wholeData } from '@/app/data';
import { refuse, withFaults, withText } from '../respond';

export const dynamic = 'force-dynamic';

/** When the newest copy of everything was made, and how many are kept; that a server makes them where one keeps the data. */
const toldOf = (copies: Copies | null): Response => {
  if (!copies) return Response.json({ by: 'server' });
  const kept = copiesIn(copies.folder);
  return Response.json({ last: kept[0]?.at.toISOString() ?? null, kept: kept.length });
};

export const GET = (): Promise<Response> =>
  withFaults(async () => toldOf((await wholeData()).copies));

/** One copy at a time: who asks while one is made waits for that one. */
let making: Promise<unknown> | null = null;

/** Makes a copy now; nothing is to be said with it. */
export function POST(request: Request): Promise<Response> {
  return withText(request, 0, async () => {
    const { copies } = await wholeData();
    if (!copies) {
      const message = fact('request.backupsElsewhere');
      return refuse(409, [{ path: 'backup', message }]);
    }
    making ??= copies.make('asked').finally(() => {
      making = null;
    });
    await making;
    return toldOf(copies);
  });
}
