import { setTimeout as wait } from 'node:timers/promises';
import type { Client } from 'pg';
import { quoted } from '../sql/quoted';
import type { Engine } from '../sql/sql';
import { cut } from './line';

/** A line that is only listened on is asked whether it is there so often, and cut where it does not answer within as long, ms. */
const PULSE_MS = 2_000;

/** How long until a line that was lost is tried again, ms: doubled from the first to the last. */
const FIRST_MS = 250;
const LAST_MS = 5_000;

interface Ear {
  told: (word: string) => void;
  missed: () => void;
}

/** One line that hears what the server says on channels, for all who listen; taken up again when it is lost. */
export interface Listener {
  listen: Engine['listen'];
  close: () => Promise<void>;
}

/** @param connect opens a line of its own */
export function listenerOn(connect: () => Promise<Client>): Listener {
  const ears = new Map<string, Set<Ear>>();
  let line: Promise<Client> | null = null;
  let closed = false;

  async function opened(): Promise<Client> {
    const client = await connect();
    client.on('notification', ({ channel, payload = '' }) =>
      ears.get(channel)?.forEach(({ told }) => told(payload)),
    );
    client.on('error', () => undefined);
    const pulse = setInterval(() => void felt(client), PULSE_MS).unref();
    client.on('end', () => {
      clearInterval(pulse);
      void again();
    });
    for (const channel of ears.keys()) await client.query(`listen ${quoted(channel)}`);
    return client;
  }

  /** Cuts a line that has fallen silent: what is said to it is heard by nobody. */
  async function felt(client: Client): Promise<void> {
    const silent = setTimeout(() => cut(client), PULSE_MS).unref();
    await client.query('select 1').catch(() => undefined);
    clearTimeout(silent);
  }

  /** Takes the line up again, as often as it needs; what was said meanwhile nobody heard. */
  async function again(): Promise<void> {
    line = null;
    for (let ms = FIRST_MS; !closed; ms = Math.min(LAST_MS, 2 * ms)) {
      await wait(ms, undefined, { ref: false });
      // Whoever began to listen in the meantime has taken it up.
      if (line) return;
      try {
        const found = await (line = opened());
        if (closed) return void found.end();
        for (const each of ears.values()) each.forEach(({ missed }) => missed());
        return;
      } catch {
        line = null;
      }
    }
  }

  async function listen(channel: string, told: Ear['told'], missed: Ear['missed']) {
    const ear = { told, missed };
    const own = ears.get(channel) ?? new Set();
    ears.set(channel, own.add(ear));
    try {
      const client = await (line ??= opened());
      await client.query(`listen ${quoted(channel)}`);
    } catch (error) {
      own.delete(ear);
      line = null;
      throw error;
    }
    return async () => void own.delete(ear);
  }

  async function close(): Promise<void> {
    closed = true;
    const open = await line?.catch(() => null);
    await open?.end();
  }

  return { listen, close };
}
