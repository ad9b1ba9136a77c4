import { database } from '@/data/database';
import { removeGrassShot } from '@/data/grassShots';
import { notFound } from '../../../../respond';

export const dynamic = 'force-dynamic';

export async function DELETE(
  _request: Request,
  { params }: { params: Promise<{ id: string; shot: string }> },
): Promise<Response> {
  const { id, shot } = await params;
  const number = Number(shot);
  const { sql } = await database();
  const done = Number.isSafeInteger(number) && (await removeGrassShot(sql, id, number));
  return done ? new Response(null, { status: 204 }) : notFound();
}
