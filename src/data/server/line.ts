import type { ClientBase } from 'pg';

/** An answer that has not come after so long is asked about, and one that was under way may take so long to come, ms. */
const LONG_MS = 2_000;
const UNDERWAY_MS = 500;

/** What the driver's clients have beside what they say: the socket. */
interface Line {
  connection?: { stream?: { destroy: () => void; bytesRead: number } };
}

/** The number of each line's process at the server, by its own word: a pooler in between gives lines numbers that only it knows. */
const processes = new WeakMap<ClientBase, number>();

/** Asks a new line for the number of its process; before anything else is asked on it. */
export function introduced(client: ClientBase): void {
  client
    .query<{ pid: number }>('select pg_backend_pid() as pid')
    .then(({ rows }) => processes.set(client, rows[0]!.pid))
    .catch(() => undefined);
}

/** Cuts a line: who waits on it is told that it was lost. */
export const cut = (client: ClientBase): void =>
  (client as unknown as Line).connection?.stream?.destroy();

/** Asks the server about another of its processes, on a line of its own; both throw where it does not answer. */
export interface Probe {
  /** Whether it is at work. */
  atWork: (processId: number) => Promise<boolean>;
  /** Ends it, with what it holds. */
  end: (processId: number) => Promise<unknown>;
}

/**
 * Waits for what was asked on a line. A firewall may drop a line in silence, and neither end hears of it for minutes: where nothing comes,
 * the server is asked on another line whether it is at work for this one. Where it is not and still nothing comes, or it does not answer at
 * all, this line is cut, and its process ended.
 */
export function heard<T>(client: ClientBase, asked: Promise<T>, probe: Probe): Promise<T> {
  const { connection } = client as unknown as Line;
  const processId = (): number => processes.get(client) ?? 0;
  const come = (): number => connection?.stream?.bytesRead ?? 0;
  let before = come();
  let over = false;
  let timer = setTimeout(look, LONG_MS).unref();

  /** Looks whether anything has come since the last look. */
  function hasCome(): boolean {
    const now = come();
    const more = now > before;
    before = now;
    return more;
  }
  function look(): void {
    if (over) return;
    if (hasCome()) timer = setTimeout(look, LONG_MS).unref();
    else void probe.atWork(processId()).then(again, doubt);
  }
  function again(isAtWork: boolean): void {
    if (isAtWork && !over) timer = setTimeout(look, LONG_MS).unref();
    else doubt();
  }
  /** What was answered just now is under way. */
  function doubt(): void {
    if (over) return;
    timer = setTimeout(() => {
      if (hasCome()) return look();
      cut(client);
      probe.end(processId()).catch(() => undefined);
    }, UNDERWAY_MS).unref();
  }
  return asked.finally(() => {
    over = true;
    clearTimeout(timer);
  });
}
