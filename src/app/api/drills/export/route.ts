import { drillsFile } from '@/core/lesson/drills/drillFile';
import { data } from '@/app/data';
import { listDrills } from '@/app/drills';
import { download } from '../../respond';

export const dynamic = 'force-dynamic';

/** Every drill as a file that an import takes again. */
export async function GET(): Promise<Response> {
  const { sql } = await data();
  const drills = (await listDrills(sql)).map(
    ({ from: _from, archived: _archived, ...drill }) => drill,
  );
  const text = JSON.stringify(drillsFile(drills), null, 2);
  return download(text, 'application/json; charset=utf-8', 'mellow-divot-drills.json');
}
