import { readAcademy } from '@/data/academy';
import { database } from '@/data/database';
import { newPlayerId } from '@/data/newId';
import { addPlayers, playerNames } from '@/data/players';
import { inThread } from '@/workers/server/pool';
import { withText } from '../../respond';

export const dynamic = 'force-dynamic';

/** Largest file that is read, bytes: ten thousand lines of a full roster are about two million. */
const MOST_BYTES = 12 * 1024 * 1024;

/** Lines that a preview shows: those in order first, faulty ones wherever they are. */
const SHOWN = 100;
const FAULTY_SHOWN = 300;

/**
 * Takes a CSV file. Without `accept=true` it says what each column and line would become and saves nothing; with it the
 * good lines are added, all or none, those whose name is there already only with `twice=true`.
 */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST_BYTES, async (text) => {
    const params = new URL(request.url).searchParams;
    const { sql } = await database();
    const [house, names] = await Promise.all([readAcademy(sql), playerNames(sql)]);
    const { delimiter, columns, lines } = await inThread('previewPlayers', text, house, names);
    const good = lines.filter(({ record }) => record !== null);
    if (params.get('accept') === 'true') {
      const wanted = params.get('twice') === 'true' ? good : good.filter(({ twice }) => !twice);
      await addPlayers(
        sql,
        wanted.map(({ record }) => ({ id: newPlayerId(), ...record! })),
      );
      return Response.json({ added: wanted.length, passedOver: lines.length - wanted.length });
    }
    const faulty = lines.filter(({ faults }) => faults.length > 0);
    return Response.json({
      delimiter,
      columns,
      counts: {
        lines: lines.length,
        good: good.length,
        faulty: faulty.length,
        twice: good.filter(({ twice }) => twice).length,
      },
      lines: good.slice(0, SHOWN),
      faulty: faulty.slice(0, FAULTY_SHOWN),
    });
  });
}
