import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readFileSync,
  readlinkSync,
  realpathSync,
  rmSync,
  statSync,
  unlinkSync,
  writeFileSync,
} from 'node:fs';
import { createConnection, createServer, type Server } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { lock } from 'proper-lockfile';

/** Thrown when another process holds the data folder. Nothing in the folder has been touched. */
export class FolderInUse extends Error {
  constructor(readonly folder: string) {
    super(
      `The data folder ${folder} is in use by another Mellow Divot process. ` +
        'Stop that one first, or choose another folder with MELLOW_DATA.',
    );
    this.name = 'FolderInUse';
  }
}

/** Held while a process owns the data folder. */
export interface Ownership {
  release: () => Promise<void>;
}

/** A heart that has not beaten for so long has stopped, and how often it beats; one that may be alive is waited for so often, ms. */
const STALE_MS = 10_000;
const BEAT_MS = 2_000;
const WAITS = { retries: 7, minTimeout: 2_000, factor: 1 };

/** Files in the folder: the lock whose time is its heartbeat, and where its holder runs. */
const heartIn = (folder: string): string => path.join(folder, 'in-use.lock');
const holderIn = (folder: string): string => path.join(folder, 'in-use-from.txt');

/** Where sockets are seen by each other: the network of this process, as far as the system tells. */
function whereabouts(): string {
  try {
    return `${os.hostname()} ${readlinkSync('/proc/self/ns/net')}`;
  } catch {
    return os.hostname();
  }
}

/**
 * Locks the folder itself, by a file in it with a heartbeat: seen also from a container or another network, where the socket is not.
 * A lock that was left by a holder of this network is stale: its socket is free.
 *
 * @throws FolderInUse when a holder elsewhere is alive, after some seconds of listening
 */
async function takeHeart(folder: string, from: string): Promise<() => Promise<void>> {
  const left = existsSync(holderIn(folder)) ? readFileSync(holderIn(folder), 'utf8') : from;
  if (left === from) rmSync(heartIn(folder), { recursive: true, force: true });
  let release: () => Promise<void>;
  try {
    release = await lock(folder, {
      lockfilePath: heartIn(folder),
      realpath: false,
      stale: STALE_MS,
      update: BEAT_MS,
      retries: WAITS,
      onCompromised: (cause) => {
        process.stderr.write(`The data folder was taken by another process: ${cause.message}\n`);
        process.exit(4);
      },
    });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ELOCKED') throw new FolderInUse(folder);
    throw error;
  }
  writeFileSync(holderIn(folder), from);
  return async () => {
    rmSync(holderIn(folder), { force: true });
    await release();
  };
}

/**
 * Address of the folder's lock: a local socket that only one process can listen on and that the system frees
 * when the process dies. An abstract socket on Linux, a named pipe on Windows, elsewhere a socket file.
 */
function lockAddress(folder: string): { address: string; file: boolean } {
  const { dev, ino } = statSync(folder, { bigint: true });
  // By what the folder is, not by what it is called: a mount under another path is the same folder.
  const name = `mellow-divot-${createHash('sha256').update(`${dev}:${ino}`).digest('hex').slice(0, 24)}`;
  if (process.platform === 'linux') return { address: `\0${name}`, file: false };
  if (process.platform === 'win32') return { address: `\\\\.\\pipe\\${name}`, file: false };
  return { address: path.join(os.tmpdir(), `${name}.sock`), file: true };
}

function listen(address: string): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.destroy());
    server.once('error', reject);
    server.listen(address, () => {
      server.unref();
      resolve(server);
    });
  });
}

/** True when some process answers at the address. */
function answers(address: string): Promise<boolean> {
  return new Promise((resolve) => {
    const socket = createConnection(address, () => {
      socket.destroy();
      resolve(true);
    });
    socket.once('error', () => resolve(false));
  });
}

/**
 * Takes the data folder for this process, making it if need be.
 *
 * Two processes on one PGlite folder would lose each other's rows without an error, so every program of the
 * product takes the folder before it opens the database.
 *
 * @param from where this process runs; another place in tests
 * @throws FolderInUse when another process holds it: at once when it runs here, after some seconds when elsewhere
 */
export async function takeFolder(folder: string, from = whereabouts()): Promise<Ownership> {
  mkdirSync(folder, { recursive: true });
  const { address, file } = lockAddress(realpathSync(folder));
  let server: Server;
  try {
    server = await listen(address);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    // A socket file outlives a crash: it is stale when nobody answers.
    if (!file || (await answers(address))) throw new FolderInUse(folder);
    unlinkSync(address);
    server = await listen(address);
  }
  const close = (): Promise<void> => new Promise((resolve) => server.close(() => resolve()));
  try {
    const stop = await takeHeart(folder, from);
    return { release: () => stop().then(close) };
  } catch (error) {
    await close();
    throw error;
  }
}
