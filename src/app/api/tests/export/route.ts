import { testsCsv } from '@/core/tell/lessons/testsCsv';
import { listTests } from '@/data/bunkerTests';
import { data } from '@/app/data';
import { download } from '../../respond';

export const dynamic = 'force-dynamic';

const ALL = 100_000;

/** Bunker tests as CSV: of everybody, or of one `player`. */
export async function GET(request: Request): Promise<Response> {
  const player = new URL(request.url).searchParams.get('player') ?? undefined;
  const { sql } = await data();
  const text = testsCsv(await listTests(sql, player, ALL));
  return download(text, 'text/csv; charset=utf-8', 'bunker-tests.csv');
}
