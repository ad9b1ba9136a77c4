import { wholeData } from '@/app/data';
import { clearRecords } from '@/data/clear';
import { DEMO_RECORDS } from '@/demo/records';
import { withFaults } from '../respond';

export const dynamic = 'force-dynamic';

/** Clears the made-up academy away: what was added besides stays. */
export const DELETE = (): Promise<Response> =>
  withFaults(async () => {
    await clearRecords((await wholeData()).sql, DEMO_RECORDS);
    return new Response(null, { status: 204 });
  });
