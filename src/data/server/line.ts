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

/** Whether the server is at work for one of its processes; throws where it does not answer. */
export type AtWork = (processId: number) => Promise<boolean>;

/**
 * Waits for what was asked on a line. A firewall may drop a line in silence, and neither end hears of it for minutes: where no answer comes,
 * the server is asked on another line whether it is at work for this one. Where it is not, or does not answer at all, this line is cut.
 */
export async function heard<T>(
  client: ClientBase,
  asked: Promise<T>,
  atWork: AtWork,
  long = LONG_MS,
): Promise<T> {
  let over = false;
  const answer = asked.finally(() => (over = true));
  void watch();
  return answer;

  async function watch(): Promise<void> {
    while (!over) {
      await Promise.race([answer.catch(() => undefined), wait(long, undefined, { ref: false })]);
      if (over) return;
      const { processID } = client as unknown as Line;
      if (await atWork(processID ?? 0).catch(() => false)) continue;
      await wait(UNDERWAY_MS, undefined, { ref: false });
      if (!over) cut(client);
      return;
    }
  }
}
