import { fact } from '@/core/ground/fact/fact';
import { FaultyInput, type Fault } from '@/core/contract/check/fault';
import { PLAYER_ORDERS } from '@/core/lesson/players/player';
import type { PlayerQuery } from '@/data/players';

const MOST = 200;
const LONGEST_SEARCH = 120;

/** A whole number of a query, or its usual value. */
function whole(
  params: URLSearchParams,
  name: string,
  usual: number,
  most: number,
  faults: Fault[],
): number {
  const text = params.get(name);
  if (text === null) return usual;
  const value = Number(text);
  if (Number.isInteger(value) && value >= 0 && value <= most) return value;
  faults.push({
    path: name,
    message: fact('request.wholeUpTo', { most, text }),
  });
  return usual;
}

/** A yes or no of a query; no when it is not said. */
function flag(params: URLSearchParams, name: string, faults: Fault[]): boolean {
  const text = params.get(name) ?? 'false';
  if (text !== 'true' && text !== 'false') {
    faults.push({ path: name, message: fact('request.trueOrFalse', { text }) });
  }
  return text === 'true';
}

/**
 * Which players a request asks for.
 *
 * @throws FaultyInput naming what is wrong
 */
export function playerQuery(params: URLSearchParams): PlayerQuery {
  const faults: Fault[] = [];
  const limit = whole(params, 'limit', 50, MOST, faults);
  const offset = whole(params, 'offset', 0, 1e6, faults);
  const search = params.get('search') ?? '';
  if (search.length > LONGEST_SEARCH) {
    faults.push({
      path: 'search',
      message: fact('check.mostCharacters', { most: LONGEST_SEARCH }),
    });
  }
  const said = params.get('order') ?? 'name';
  const order = PLAYER_ORDERS.find((each) => each === said);
  if (!order) {
    faults.push({
      path: 'order',
      message: fact('request.oneOf', {
        words: PLAYER_ORDERS.join(', '),
        said,
      }),
    });
  }
  const archived = flag(params, 'archived', faults);
  const descending = flag(params, 'descending', faults);
  if (faults.length > 0) throw new FaultyInput(faults);
  return {
    search: search.trim(),
    limit,
    offset,
    order: order!,
    archived,
    descending,
  };
}
