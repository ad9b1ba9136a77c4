import { errorWords } from '@/core/tell/facts/faultWords';
import { existsSync } from 'node:fs';
import path from 'node:path';
import readline from 'node:readline/promises';
import { backupsIn, copiesIn } from '@/data/folder/copies';
import { BackupFailed } from '@/data/backup/backup';
import { type Counts } from '@/data/disk/rows';
import { restoreBackup } from '@/data/backup/restore';
import { dataFolder } from '@/data/dataFolder';
import { openFolder } from '@/data/opening/openFolder';
import { cannotOpen } from '@/data/opening/cannotOpen';

const BACKUP_USAGE = `usage: npm run -s backup
  makes a copy of the data folder's database in its own folder "backups", opens it and counts it; while the
  server runs, use the button in the academy's settings`;

const RESTORE_USAGE = `usage: npm run -s restore -- [--yes] FILE
  puts a copy in the place of the data folder's database, which is moved aside; asks first. FILE is a path, or a
  name in the folder "backups"`;

const say = (text: string): void => void process.stdout.write(`${text}\n`);
const complain = (text: string): void => void process.stderr.write(`${text}\n`);

/** Exit status 3, with a sentence, for what a person can put right; anything else goes on. */
function refused(error: unknown): number {
  if (cannotOpen(error) || error instanceof BackupFailed) {
    complain(errorWords(error));
    return 3;
  }
  throw error;
}

const counted = ({ players = 0, readings = 0, lessons = 0, balls = 0 }: Counts): string =>
  `${players} players, ${readings} readings, ${lessons} lessons, ${balls} balls`;

/** True, and said, where the data is on a server: its copies are not the product's. */
function isOnServer(): boolean {
  if (!process.env.DATABASE_URL) return false;
  complain(
    'DATABASE_URL names a database server, whose own tools make and put back its backups (pg_dump, pg_restore). Unset it for the data folder.',
  );
  return true;
}

/** Makes a copy. Gives back the exit status: 2 for a wrong line, 3 where it could not be made. */
export async function copyData(args: readonly string[]): Promise<number> {
  if (args.length > 0) {
    complain(BACKUP_USAGE);
    return 2;
  }
  if (isOnServer()) return 3;
  try {
    const { copies, close } = await openFolder(dataFolder());
    try {
      const { file } = await copies.make('asked');
      say(path.join(backupsIn(copies.folder), file));
      return 0;
    } finally {
      await close();
    }
  } catch (error) {
    return refused(error);
  }
}

/** True when the person says yes; false where nobody can be asked. */
async function sure(question: string): Promise<boolean> {
  if (!process.stdin.isTTY) return false;
  const prompt = readline.createInterface({ input: process.stdin, output: process.stdout });
  const answer = await prompt.question(`${question} Type yes to go on: `);
  prompt.close();
  return answer.trim().toLowerCase() === 'yes';
}

/** Puts a copy back. Gives back the exit status: 1 where it was not wanted after all, 2 and 3 as {@link copyData}. */
export async function putBack(args: readonly string[]): Promise<number> {
  if (isOnServer()) return 3;
  const folder = dataFolder();
  const names = args.filter((arg) => arg !== '--yes');
  const [name] = names;
  if (names.length !== 1 || name!.startsWith('--')) {
    complain(RESTORE_USAGE);
    const [newest] = copiesIn(folder);
    if (newest) complain(`The newest copy is ${newest.file}.`);
    return 2;
  }
  const file = [name!, path.join(backupsIn(folder), name!)].find((each) => existsSync(each));
  if (!file) {
    complain(`There is no copy ${name} here or in ${backupsIn(folder)}.`);
    return 3;
  }
  const yes =
    args.includes('--yes') ||
    (await sure(`This puts ${file} in the place of what is in ${folder}.`));
  if (!yes) {
    complain('Nothing was changed. (Say --yes where nobody can be asked.)');
    return 1;
  }
  try {
    const { counts, replaced } = await restoreBackup(file, folder);
    say(`Put back: ${counted(counts)}.`);
    if (replaced)
      say(`What stood there is in ${path.join(folder, replaced)}; delete it once all is well.`);
    return 0;
  } catch (error) {
    return refused(error);
  }
}
