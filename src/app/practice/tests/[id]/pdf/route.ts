import { academyIn } from '@/app/house';
import { testById } from '@/data/bunkerTests';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { playerById } from '@/data/players';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import { notFound, pdfFile, withFaults } from '../../../../api/respond';

export const dynamic = 'force-dynamic';

/** A bunker test as a sheet; `units`. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const stored = isId(id) ? await testById(sql, id) : null;
  if (!stored) return notFound();
  const [house, player] = await Promise.all([academyIn(sql), playerById(sql, stored.test.player)]);
  const asked = new URL(request.url).searchParams.get('units') ?? undefined;
  return withFaults(async () => {
    const units = unitsFrom(asked, player?.units ?? house.units);
    return pdfFile(
      await inThread('testPdf', { stored, units }),
      `bunker-test-${stored.test.held_on}.pdf`,
    );
  });
}
