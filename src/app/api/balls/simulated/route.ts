import { wholeData } from '@/app/data';
import { countSimulated, removeSimulated } from '@/data/balls';
import { withFaults } from '../../respond';

export const dynamic = 'force-dynamic';

/** How many balls came of the simulated tracker. */
export const GET = (): Promise<Response> =>
  withFaults(async () => Response.json({ count: await countSimulated((await wholeData()).sql) }));

/** Takes them all away. */
export const DELETE = (): Promise<Response> =>
  withFaults(async () => {
    const removed = await removeSimulated((await wholeData()).sql);
    return Response.json({ count: 0, removed });
  });
