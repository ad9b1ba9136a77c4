import { createHash } from 'node:crypto';
import { mkdirSync, realpathSync, unlinkSync } from 'node:fs';
import { createConnection, createServer, type Server } from 'node:net';
import os from 'node:os';
import path from 'node:path';

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

/**
 * Address of the folder's lock: a local socket that only one process can listen on and that the system frees
 * when the process dies. An abstract socket on Linux, a named pipe on Windows, elsewhere a socket file.
 */
function lockAddress(folder: string): { address: string; file: boolean } {
  const name = `mellow-divot-${createHash('sha256').update(folder).digest('hex').slice(0, 24)}`;
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
 * @throws FolderInUse at once when another process holds it
 */
export async function takeFolder(folder: string): Promise<Ownership> {
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
  return {
    release: () => new Promise((resolve) => server.close(() => resolve())),
  };
}
