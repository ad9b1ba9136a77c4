import { database } from '@/data/database';
import { listDrafts } from '@/data/drafts';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await database();
  return Response.json(await listDrafts(sql));
}
