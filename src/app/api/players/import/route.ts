import { sayFaults } from '@/core/tell/facts/faultWords';
import { readMeanings, type ImportPreview } from '@/core/lesson/players/playersCsv';
import { parseJson } from '@/core/contract/check/fault';
import { academyIn } from '@/app/house';
import { bringBack } from '@/data/bringBack';
import { data } from '@/app/data';
import { newPlayerId } from '@/data/newId';
import { addPlayers, playerNames } from '@/data/players';
import { inThread } from '@/workers/server/pool';
import { MOST } from '../../bounds';
import { refuse, withText } from '../../respond';

export const dynamic = 'force-dynamic';

/** Lines that a preview shows: those in order first, faulty ones wherever they are. */
const SHOWN = 100;
const FAULTY_SHOWN = 300;

/** What a list of players would become. */
function shownOf({ delimiter, columns, wanted, lines }: ImportPreview): object {
  const good = lines.filter(({ record }) => record !== null);
  const faulty = lines.filter(({ faults }) => faults.length > 0);
  return {
    kind: 'list',
    delimiter,
    columns,
    wanted: sayFaults(wanted),
    counts: {
      lines: lines.length,
      good: good.length,
      faulty: faulty.length,
      twice: good.filter(({ twice }) => twice).length,
    },
    lines: good.slice(0, SHOWN),
    faulty: faulty
      .slice(0, FAULTY_SHOWN)
      .map((line) => ({ ...line, faults: sayFaults(line.faults) })),
  };
}

/**
 * Takes a file of players: a list as CSV or JSON, or everything about one player. Without `accept=true` it says what would
 * become of it and saves nothing; `columns` is a JSON list of what each column of a CSV file holds. With it the good lines of a list are added, all or none, those whose name is there
 * already only with `twice=true`; one player comes back whole, or what is missing of a player who is here.
 */
export function POST(request: Request): Promise<Response> {
  return withText(request, MOST.roster, async (text) => {
    const params = new URL(request.url).searchParams;
    const accept = params.get('accept') === 'true';
    const { sql } = await data();
    const [house, names] = await Promise.all([academyIn(sql), playerNames(sql)]);
    const columns = params.get('columns');
    const said = columns === null ? undefined : readMeanings(parseJson(columns, 'columns'));
    const read = await inThread('readPlayers', text, house, names, said);
    if (read.kind === 'player') {
      return Response.json({ kind: 'player', ...(await bringBack(sql, read.file, accept)) });
    }
    if (!accept) return Response.json(shownOf(read.preview));
    const { lines, wanted: missing } = read.preview;
    if (missing.length > 0) return refuse(400, missing);
    const good = lines.filter(({ record }) => record !== null);
    const wanted = params.get('twice') === 'true' ? good : good.filter(({ twice }) => !twice);
    await addPlayers(
      sql,
      wanted.map(({ record }) => ({ id: newPlayerId(), ...record! })),
    );
    return Response.json({ added: wanted.length, passedOver: lines.length - wanted.length });
  });
}
