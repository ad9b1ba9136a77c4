import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { openFolder } from '../opening/openFolder';
import { readMigrations } from '../migrations/migrate';

/** Where folders that were made once are kept, for every run after. */
const KEPT = path.join(process.cwd(), '.cache');

/** Where the folder lies that all are copied from: another one once the tables are others. */
function templateOf(): string {
  const steps = createHash('sha256').update(JSON.stringify(readMigrations())).digest('hex');
  return path.join(KEPT, `empty-${steps.slice(0, 16)}`);
}

/** Makes the folder that all are copied from, where it is not there yet: it takes seconds of a core. */
export async function makeTemplate(): Promise<void> {
  const template = templateOf();
  if (existsSync(template)) return;
  mkdirSync(KEPT, { recursive: true });
  const made = mkdtempSync(path.join(KEPT, 'making-'));
  await (await openFolder(made)).close();
  try {
    renameSync(made, template);
  } catch {
    // Another process was quicker.
    rmSync(made, { recursive: true, force: true });
  }
}

/**
 * A new data folder that was opened before and holds nothing. For tests: a copy takes a tenth of a second.
 *
 * @param name what the folder is for
 */
export async function emptyFolder(name: string): Promise<string> {
  await makeTemplate();
  const folder = mkdtempSync(path.join(os.tmpdir(), `mellow-${name}-`));
  cpSync(templateOf(), folder, { recursive: true });
  return folder;
}
