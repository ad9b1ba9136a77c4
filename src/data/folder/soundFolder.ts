import {
  accessSync,
  chmodSync,
  constants,
  existsSync,
  readdirSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { copiesIn } from './copies';

/** What helps: the newest copy where there is one. */
function wayOut(folder: string): string {
  const [newest] = copiesIn(folder);
  return newest
    ? `The newest copy was made on ${newest.at.toUTCString()}: npm run -s restore -- ${newest.file}`
    : 'Put back a copy of the whole folder, or choose another one with MELLOW_DATA.';
}

/** Thrown when the data folder is not as the product left it. */
export class FolderUnsound extends Error {
  constructor(folder: string, what: string, options?: ErrorOptions) {
    super(`The data folder ${folder} cannot be used: ${what} ${wayOut(folder)}`, options);
    this.name = 'FolderUnsound';
  }
}

/** The folder of the database in the data folder, and the file that says there was one. */
export const databaseIn = (folder: string): string => path.join(folder, 'postgres');
/** Where a copy is made into a database before it takes the other's place, and what a database is called that was moved aside, with a moment behind. */
export const comingIn = (folder: string): string => path.join(folder, 'postgres-coming');
export const asideIn = (folder: string): string => path.join(folder, 'postgres-replaced-');

/** The databases that were moved aside, the latest last. */
export const movedAside = (folder: string): string[] =>
  readdirSync(folder)
    .map((name) => path.join(folder, name))
    .filter((each) => each.startsWith(asideIn(folder)))
    .sort();

const usedIn = (folder: string): string => path.join(folder, 'KEEP-THIS-FOLDER-WHOLE.txt');

const USED = `This folder holds everything that Mellow Divot keeps: players, readings, lessons and balls.
Copy it as a whole, and only while the product does not run.
`;

/** What a database that was closed or killed always has. */
const PARTS = ['PG_VERSION', 'base', 'global/pg_control', 'pg_wal'];

/**
 * Looks at a data folder before it is opened: a database that has lost a part would otherwise be taken for a new one, and an empty academy
 * be put in its place.
 *
 * @throws FolderUnsound with what is wrong
 */
export function checkFolder(folder: string): void {
  if (!existsSync(folder)) return;
  if (!statSync(folder).isDirectory()) throw new FolderUnsound(folder, 'it is a file.');
  try {
    accessSync(folder, constants.R_OK | constants.W_OK | constants.X_OK);
  } catch (cause) {
    throw new FolderUnsound(folder, 'this user may not write to it.', { cause });
  }
  const database = databaseIn(folder);
  const held = existsSync(database) && readdirSync(database).length > 0;
  if (!held && !existsSync(usedIn(folder))) return;
  const aside = movedAside(folder).at(-1);
  if (!existsSync(database) && existsSync(comingIn(folder)) && aside) {
    throw new FolderUnsound(
      folder,
      `putting a copy back was cut short. The database that stood there lies whole in ${aside}, the copy whole in ${comingIn(folder)}. ` +
        `Rename the one that you want to ${database}, or put a copy back again.`,
    );
  }
  const missing = PARTS.filter((part) => !existsSync(path.join(database, part)));
  if (missing.length > 0) {
    throw new FolderUnsound(
      folder,
      `its database is not whole, ${missing.join(' and ')} missing. Nothing in it has been changed.`,
    );
  }
}

/** Marks a folder as one that was used, for its owner alone. */
export function markUsed(folder: string): void {
  chmodSync(folder, 0o700);
  if (!existsSync(usedIn(folder))) writeFileSync(usedIn(folder), USED);
}
