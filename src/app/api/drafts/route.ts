import { data } from '@/app/data';
import { listDrafts } from '@/data/drafts';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  const { sql } = await data();
  return Response.json(await listDrafts(sql));
}
