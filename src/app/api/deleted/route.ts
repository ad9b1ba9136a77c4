import { database } from '@/data/database';
import { listDeleted } from '@/data/deleted';

export const dynamic = 'force-dynamic';

/** What was deleted and can be brought back. */
export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json({ deleted: await listDeleted(sql) });
}
