import { createConnection, createServer, type Socket } from 'node:net';
import path from 'node:path';

/** A way to a server on which lines can fall silent, as behind a firewall that drops them and tells neither end. */
export interface SilentProxy {
  url: string;
  /** From now on nothing goes through the lines that are open; new ones are let through, unless none is. */
  hush: (all?: boolean) => void;
  /** What was dropped stays dropped; new lines are let through again. */
  open: () => void;
  close: () => Promise<unknown>;
}

/** Stands before a server that is reached through a socket in a folder. */
export async function silentProxy(server: string): Promise<SilentProxy> {
  const folder = new URL(server).searchParams.get('host')!;
  const lines = new Set<Socket>();
  const sockets = new Set<Socket>();
  let closed = false;
  const proxy = createServer({ allowHalfOpen: true }, (here) => {
    const there = createConnection(path.join(folder, '.s.PGSQL.5432'));
    lines.add(here);
    sockets.add(here).add(there);
    for (const [from, to] of [
      [here, there],
      [there, here],
    ] as const) {
      from.on('error', () => undefined);
      // An end is dropped as well.
      from.on('data', (bytes) => lines.has(here) && to.write(bytes));
      from.on('end', () => lines.has(here) && to.end());
    }
    if (closed) lines.delete(here);
  });
  await new Promise<void>((resolve) => proxy.listen(0, '127.0.0.1', resolve));
  const url = new URL(server);
  url.searchParams.delete('host');
  url.hostname = '127.0.0.1';
  url.port = String((proxy.address() as { port: number }).port);
  return {
    url: url.href,
    hush: (all = false) => {
      closed = all;
      lines.clear();
    },
    open: () => void (closed = false),
    close: () => {
      for (const socket of sockets) socket.destroy();
      return new Promise((resolve) => proxy.close(resolve));
    },
  };
}
