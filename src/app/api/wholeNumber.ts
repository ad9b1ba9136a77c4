import { fact } from '@/core/ground/fact/fact';
import { faulty, quoted } from '@/core/contract/check/fault';

/**
 * A whole number of a query; absent where it is not said.
 *
 * @throws FaultyInput for what is none
 */
export function wholeNumber(query: URLSearchParams, path: string): number | undefined {
  const said = query.get(path);
  if (said === null) return undefined;
  if (/^\d{1,15}$/.test(said)) return Number(said);
  throw faulty(path, fact('request.wholeSaid', { said: quoted(said) }));
}
