import { rmSync } from 'node:fs';
import type { Database } from '../opening/database';
import { openFolder } from '../opening/openFolder';
import { openServer } from '../opening/openServer';
import { emptyFolder } from './emptyFolder';
import { newOnServer } from './serverDatabases';

/** Databases are made on the throw-away server where the tests of the data run on that, else in folders. */
const onServer = (): boolean => process.env.MELLOW_TEST_ENGINE === 'server';

/**
 * For one file of tests: opens databases that hold nothing; after its tests they are closed and gone.
 *
 * @returns opens one; what it is for stands in its name
 */
export function testDatabases(): (name: string) => Promise<Database> {
  const ends: (() => Promise<unknown>)[] = [];
  afterAll(async () => {
    for (const end of ends) await end();
  });
  return async (name) => {
    if (onServer()) {
      const { url, drop } = await newOnServer();
      const database = await openServer(url);
      ends.push(database.close, drop);
      return database;
    }
    const folder = await emptyFolder(name);
    const database = await openFolder(folder);
    ends.push(database.close, async () => rmSync(folder, { recursive: true, force: true }));
    return database;
  };
}
