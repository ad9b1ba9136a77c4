import { data } from '@/app/data';
import { everythingAbout } from '@/data/everything';
import { download, notFound } from '../../../respond';
import type { IdContext } from '../../../idContext';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const everything = await everythingAbout(sql, id);
  if (!everything) return notFound();
  return download(JSON.stringify(everything, null, 2), 'application/json', `${id}.json`);
}
