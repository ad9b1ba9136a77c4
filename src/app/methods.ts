import { t } from '@/core/tell/language/t';
import { headersFor } from './headers';
import { beforeRequests } from './requests';

/** How anything here is asked for. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

/** Answers 405 to whatever is asked in another way, or of no address here (`OPTIONS *`): the framework breaks down over those. */
export function refuseOddMethods(): void {
  beforeRequests(({ method = '', url = '' }, response, onward) => {
    if (METHODS.includes(method) && url.startsWith('/')) return onward();
    response.writeHead(405, {
      ...headersFor('/api/', ''),
      allow: METHODS.join(', '),
      'content-type': 'application/json',
    });
    const message = t('must be one of {types}', { types: METHODS.join(', ') });
    response.end(JSON.stringify({ error: [{ path: 'method', message }] }));
    return true;
  });
}
