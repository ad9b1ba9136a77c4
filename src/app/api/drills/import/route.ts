import { readDrillsFile } from '@/core/lesson/drills/drillFile';
import { parseJson } from '@/core/contract/check/fault';
import { data } from '@/app/data';
import { saveDrills } from '@/data/drills';
import { MOST } from '../../bounds';
import { withText } from '../../respond';

export const dynamic = 'force-dynamic';

/** Takes a file of drills, all of them or none; those with an id that stands here take its place. */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST.drills, async (text) => {
    const drills = readDrillsFile(parseJson(text));
    const { sql } = await data();
    await saveDrills(sql, drills);
    return Response.json({ drills: drills.length });
  });
}
