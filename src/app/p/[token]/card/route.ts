import { GET as pocketCard } from '../../../players/[id]/pocket/route';
import { ownPlayer } from '../own';

export const dynamic = 'force-dynamic';

/** The player's own pocket card. */
export async function GET(request: Request): Promise<Response> {
  return pocketCard(request, { params: Promise.resolve({ id: await ownPlayer() }) });
}
