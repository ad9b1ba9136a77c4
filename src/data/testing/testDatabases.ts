import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { Client } from 'pg';
import type { Database } from '../database';
import { openFolder } from '../folder/openFolder';
import { openServer } from '../server/openServer';
import { emptyFolder } from './emptyFolder';

/** Databases are made on the throw-away server where the tests of the data run on that, else in folders. */
const server = (): string | undefined =>
  process.env.MELLOW_TEST_ENGINE === 'server' ? process.env.MELLOW_TEST_SERVER : undefined;

/** Asks the throw-away server for something that concerns whole databases. */
async function asked(admin: string, text: string): Promise<void> {
  const client = new Client(admin);
  await client.connect();
  try {
    await client.query(text);
  } finally {
    await client.end();
  }
}

/** A new, empty database of a server: its address, and how it goes again. */
export async function newOnServer(
  admin: string,
): Promise<{ url: string; drop: () => Promise<void> }> {
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  await asked(admin, `create database ${name}`);
  const url = new URL(admin);
  url.pathname = `/${name}`;
  return { url: url.href, drop: () => asked(admin, `drop database ${name} with (force)`) };
}

/**
 * For one file of tests: opens databases that hold nothing; after its tests they are closed and gone.
 *
 * @returns opens one; what it is for stands in its name
 */
export function testDatabases(): (name: string) => Promise<Database> {
  const ends: (() => Promise<void>)[] = [];
  afterAll(async () => {
    for (const end of ends) await end();
  });
  return async (name) => {
    const admin = server();
    if (admin) {
      const { url, drop } = await newOnServer(admin);
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
