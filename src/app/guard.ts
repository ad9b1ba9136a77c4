import { t } from '@/core/tell/language/t';

/** Names by which this machine knows itself. */
const OWN = ['localhost', '127.0.0.1', '[::1]'];

/** Addresses that mean every one of this machine's: by which name it is then called cannot be known. */
const EVERY = ['0.0.0.0', '::', '[::]'];

/** What only looks. */
const LOOKS = ['GET', 'HEAD'];

/** What a guard knows of a request. */
export interface Asked {
  method: string;
  path: string;
  headers: Pick<Headers, 'get'>;
}

function hostnameOf(host: string): string | null {
  try {
    return new URL(`http://${host}`).hostname;
  } catch {
    return null;
  }
}

/**
 * Why a request is refused before anything else sees it; null when it may pass. A page elsewhere on the web can make a
 * browser send requests here: it is known by its origin, and a name of its own that was pointed at this machine by the
 * host. Programs that are no browser send no origin, and pass.
 *
 * @param served the address that is served on, when one was chosen (`MELLOW_HOST`)
 * @param called the name by which browsers know a server before this one (`MELLOW_NAME`)
 * @example
 * const headers = new Headers({ host: '127.0.0.1:3000', origin: 'http://elsewhere.test' });
 * refusalOf({ method: 'POST', path: '/api/players', headers }); // => 'a page from another site may not do this'
 */
export function refusalOf(
  { method, path, headers }: Asked,
  served?: string,
  called?: string,
): string | null {
  const host = headers.get('host') ?? '';
  const name = hostnameOf(host);
  const known = [...OWN, ...(served ? [served, `[${served}]`] : []), ...(called ? [called] : [])];
  const anyName = served !== undefined && EVERY.includes(served);
  if (name === null || (!anyName && !known.includes(name))) {
    return t('is not served under the name {host}', { host: JSON.stringify(host) });
  }
  const foreign = t('a page from another site may not do this');
  const origin = headers.get('origin');
  if (origin !== null && origin !== `http://${host}` && origin !== `https://${host}`) {
    return foreign;
  }
  const from = headers.get('sec-fetch-site');
  const elsewhere = from === 'cross-site' || from === 'same-site';
  return elsewhere && (!LOOKS.includes(method) || path.startsWith('/api/')) ? foreign : null;
}

/**
 * What is wrong with an address, path and query; null when it can be read. Neither pages nor the database could take it.
 *
 * @example
 * addressFault('/players/%00'); // => 'the address has a character that is not text'
 */
export function addressFault(address: string): string | null {
  try {
    const text = decodeURIComponent(address);
    return text.includes('\u0000') ? t('the address has a character that is not text') : null;
  } catch {
    return t('the address has a % that does not stand for a character');
  }
}
