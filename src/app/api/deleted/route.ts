import { data } from '@/app/data';
import { listDeleted } from '@/data/deleted';

export const dynamic = 'force-dynamic';

/** What was deleted and can be brought back. */
export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json({ deleted: await listDeleted(sql) });
}
