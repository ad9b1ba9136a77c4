import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startLine } from '../../scripts/shared.mjs';

const FIRST_PORT = Number(process.env.MELLOW_TEST_PORT ?? 3217);

/** Ports of servers that tests start for themselves, beside the one that all share; each has one of its own. */
const PORTS = [
  'killed',
  'entrance',
  'open',
  'day',
  'phone day',
  'first',
  'cleared',
  'assisted',
  'linked',
  'changing',
  'away',
  'one of two',
  'other of two',
  'moved',
] as const;
export type Served = (typeof PORTS)[number];

export const portOf = (served: Served): number => FIRST_PORT + 1 + PORTS.indexOf(served);

export const addressOf = (served: Served): string => `http://127.0.0.1:${portOf(served)}`;

/** The command line, without node itself, that serves the product as it was built. */
export const serving = (served: Served, host = '127.0.0.1'): string[] =>
  startLine(host, portOf(served));

/** Starts a server of its own on a data folder. */
export const serve = (
  served: Served,
  data: string,
  env: Readonly<Record<string, string>> = {},
): ChildProcess =>
  spawn(process.execPath, serving(served), {
    env: { ...process.env, MELLOW_DATA: data, ...env },
    stdio: 'ignore',
  });

/** Does something with an empty folder, which is gone afterwards. */
export async function inFolder<T>(name: string, work: (folder: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(path.join(os.tmpdir(), `mellow-${name}-`));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
