import { inHouse, situationFor } from '@/core/lesson/players/player';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import { academyIn } from '@/app/house';
import { data } from '@/app/data';
import { isId } from '@/data/id';
import { placeById } from '@/data/places';
import { playerById, playersForDesk } from '@/data/players';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import type { IdContext } from '../../../../api/idContext';
import { notFound, pdfFile, withFaults } from '../../../../api/respond';
import { todayHere } from '../../../../today';

export const dynamic = 'force-dynamic';

/** The bunker book of a place; `player`, `units`. */
export async function GET(request: Request, { params }: IdContext): Promise<Response> {
  const { id } = await params;
  const { sql } = await data();
  const stored = isId(id) ? await placeById(sql, id) : null;
  const query = new URL(request.url).searchParams;
  const asked = query.get('player');
  const player = asked ? await playerById(sql, asked) : (await playersForDesk(sql))[0];
  if (!stored || !player) return notFound();
  const academy = await academyIn(sql);
  return withFaults(async () => {
    const pdf = await inThread('bookPdf', {
      place: stored.place,
      day: todayHere(),
      player: player.name,
      handed: player.handed,
      situation: situationFor(inHouse(player, academy), FIRST_SHOT),
      units: unitsFrom(query.get('units') ?? undefined, player.units ?? academy.units),
    });
    return pdfFile(pdf, 'bunker-book.pdf');
  });
}
