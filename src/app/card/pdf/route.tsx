import { renderToBuffer } from '@react-pdf/renderer';
import { unitsFrom } from '@/ui/frame/preferences';
import { CardPaper } from '@/ui/paper/CardPaper';
import { pdfFile, refuse } from '../../api/respond';
import { cardOf } from '../cardOf';

export const dynamic = 'force-dynamic';

/** A file name out of a player's name: letters and digits only. */
const fileName = (name: string): string =>
  `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'card'}-bunker-card.pdf`;

/** The card of a link as a PDF. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const units = unitsFrom(query.get('units') ?? undefined);
  query.delete('units');
  const card = await cardOf(query.toString(), units);
  if (!card) {
    return refuse(404, [{ path: 'link', message: 'names no player or no usable reading' }]);
  }
  const pdf = await renderToBuffer(<CardPaper {...card} units={units} />);
  return pdfFile(pdf, fileName(card.player.name));
}
