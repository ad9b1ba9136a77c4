import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { openFolder } from '../opening/openFolder';
import { readMigrations } from '../migrations/migrate';

/** Where folders that were made once are kept, for every run after. */
const KEPT = path.join(process.cwd(), '.cache');

/**
 * A new data folder that was opened before and holds nothing. For tests: a copy takes a tenth of a second, making one
 * four.
 *
 * @param name what the folder is for
 */
export async function emptyFolder(name: string): Promise<string> {
  const steps = createHash('sha256').update(JSON.stringify(readMigrations())).digest('hex');
  const template = path.join(KEPT, `empty-${steps.slice(0, 16)}`);
  if (!existsSync(template)) {
    mkdirSync(KEPT, { recursive: true });
    const made = mkdtempSync(path.join(KEPT, 'making-'));
    await (await openFolder(made)).close();
    try {
      renameSync(made, template);
    } catch {
      // Another test was quicker.
      rmSync(made, { recursive: true, force: true });
    }
  }
  const folder = mkdtempSync(path.join(os.tmpdir(), `mellow-${name}-`));
  cpSync(template, folder, { recursive: true });
  return folder;
}
