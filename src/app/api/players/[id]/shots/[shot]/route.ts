import { data } from '@/app/data';
import { removeGrassShot } from '@/data/grassShots';
import { whenDone } from '../../../../respond';

export const dynamic = 'force-dynamic';

export function DELETE(
  _request: Request,
  { params }: { params: Promise<{ id: string; shot: string }> },
): Promise<Response> {
  return whenDone(async () => {
    const { id, shot } = await params;
    const number = Number(shot);
    const { sql } = await data();
    return Number.isSafeInteger(number) && removeGrassShot(sql, id, number);
  });
}
