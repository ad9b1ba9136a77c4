import { readMonth } from '@/core/lesson/plan/month';
import { data } from '@/app/data';
import { glancesOfMonth } from '@/data/glances';
import { withFaults } from '../../respond';

export const dynamic = 'force-dynamic';

/** What the lessons of a `month` came to, by their ids. */
export function GET(request: Request): Promise<Response> {
  return withFaults(async () => {
    const month = readMonth(new URL(request.url).searchParams.get('month'));
    const { sql } = await data();
    return Response.json(await glancesOfMonth(sql, month));
  });
}
