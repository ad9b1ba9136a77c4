import os from 'node:os';
import { isOwnMachine } from './entrance';

/** Every address of this machine. */
const EVERY = ['0.0.0.0', '::'];

/**
 * Addresses at which another device on the network may reach this server, the one that it was asked under first.
 *
 * @param scheme by which it was asked
 * @param said host and port under which it was asked
 * @param served the address that is served on
 */
export function addressesHere(
  scheme: 'http' | 'https',
  said: string,
  served = '0.0.0.0',
): string[] {
  const { port } = new URL(`http://${said}`);
  const at = (host: string): string => `${scheme}://${host}${port ? `:${port}` : ''}`;
  const hosts = EVERY.includes(served)
    ? Object.values(os.networkInterfaces()).flatMap((all) =>
        (all ?? []).filter(({ family, internal }) => family === 'IPv4' && !internal),
      )
    : [{ address: served }];
  const asked = new URL(`http://${said}`).hostname;
  const first = isOwnMachine(asked) ? [] : [`${scheme}://${said}`];
  return [...new Set([...first, ...hosts.map(({ address }) => at(address))])];
}
