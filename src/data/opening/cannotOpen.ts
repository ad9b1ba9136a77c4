import { FolderInUse } from '../folder/ownership';
import { FolderUnsound } from '../folder/soundFolder';
import { DatabaseAway } from '../server/away';
import { ServerUnfit } from './openServer';

/** True of an error that says in a sentence why a database cannot be opened. */
export const cannotOpen = (error: unknown): error is Error =>
  [FolderInUse, FolderUnsound, ServerUnfit, DatabaseAway].some((known) => error instanceof known);
