import { fact } from '@/core/ground/fact/fact';
import { unitsFrom } from '@/ui/frame/cookies';
import { inThread } from '@/workers/server/pool';
import { pdfFile, refuse, withFaults } from '../../api/respond';
import { cardOf } from '../cardOf';

export const dynamic = 'force-dynamic';

/** A file name out of a player's name: letters and digits only. */
const fileName = (name: string): string =>
  `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'card'}-bunker-card.pdf`;

/** The card of a link as a PDF. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const usual = unitsFrom(query.get('units') ?? undefined);
  query.delete('units');
  return withFaults(async () => {
    const card = await cardOf(query.toString(), usual);
    if (!card) {
      return refuse(404, [{ path: 'link', message: fact('request.noReading') }]);
    }
    return pdfFile(await inThread('cardPdf', card), fileName(card.player.name));
  });
}
