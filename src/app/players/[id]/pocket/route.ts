import { fact } from '@/core/ground/fact/fact';
import { inHouse } from '@/core/lesson/players/player';
import { POCKET_LIPS } from '@/core/tell/pocket/pocketCard';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { academyIn } from '@/app/house';
import { data } from '@/app/data';
import { playerById } from '@/data/players';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import { notFound, pdfFile, refuse, withFaults } from '../../../api/respond';

export const dynamic = 'force-dynamic';

const SHEETS = ['single', 'four'] as const;

/** A player's pocket card as a PDF: `sand`, `units`, and `sheet` single or four. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const { id } = await params;
  const said = query.get('sand') ?? 'medium';
  const sand = SAND_PRESETS.find((preset) => preset === said);
  if (!sand) {
    const message = fact('request.oneOf', {
      words: SAND_PRESETS.join(', '),
      said,
    });
    return refuse(400, [{ path: 'sand', message }]);
  }
  const sheet = SHEETS.find((each) => each === query.get('sheet')) ?? 'single';
  const { sql } = await data();
  const player = await playerById(sql, id);
  if (!player) return notFound();
  const house = await academyIn(sql);
  const units = unitsFrom(query.get('units') ?? undefined, player.units ?? house.units);
  return withFaults(async () => {
    const housed = inHouse(player, house);
    // Side by side: each is half of the work.
    const bands = await Promise.all(
      POCKET_LIPS.map((lip) => inThread('pocketBands', housed, sand, units, lip)),
    );
    const pdf = await inThread('pocketPdf', sheet, housed, sand, units, bands);
    return pdfFile(pdf, `${id}-pocket-card.pdf`);
  });
}
