import { setTimeout as wait } from 'node:timers/promises';
import type { ClientBase } from 'pg';

/** An answer that has not come after so long is asked about, and one that was under way may take so long to come, ms. */
const LONG_MS = 2_000;
const UNDERWAY_MS = 500;

/** What the driver's clients have beside what they say: the number of their process at the server, and the socket. */
interface Line {
  processID?: number | null;
  connection?: { stream?: { destroy: () => void } };
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
 * Waits for what was asked on a line. A firewall may drop a line in silence, and neither end hears of it for minutes: where no answer comes,
 * the server is asked on another line whether it is at work for this one. Where it is not and still nothing comes, or it does not answer at
 * all, this line is cut, and its process ended.
 */
export async function heard<T>(
  client: ClientBase,
  asked: Promise<T>,
  { atWork, end }: Probe,
): Promise<T> {
  let over = false;
  const answer = asked.finally(() => (over = true));
  const until = (ms: number): Promise<unknown> =>
    Promise.race([answer.catch(() => undefined), wait(ms, undefined, { ref: false })]);

  async function watch(): Promise<void> {
    const { processID } = client as unknown as Line;
    for (;;) {
      await until(LONG_MS);
      if (over) return;
      if (await atWork(processID ?? 0).catch(() => false)) continue;
      // What was answered just now is under way.
      await until(UNDERWAY_MS);
      if (over) return;
      cut(client);
      await end(processID ?? 0).catch(() => undefined);
      return;
    }
  }
  void watch();
  return answer;
}
