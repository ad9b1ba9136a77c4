import { randomUUID } from 'node:crypto';
import { Client } from 'pg';

/** The address of the throw-away server. */
export const testServer = (): string => process.env.MELLOW_TEST_SERVER!;

/** Asks a database of the throw-away server one thing, on a line of its own. */
export async function askServer<T>(url: string, text: string): Promise<T[]> {
  const client = new Client(url);
  await client.connect();
  try {
    return (await client.query(text)).rows as T[];
  } finally {
    await client.end();
  }
}

/** A new, empty database of the throw-away server: its address, and how it goes again. */
export async function newOnServer(): Promise<{ url: string; drop: () => Promise<unknown> }> {
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  await askServer(testServer(), `create database ${name}`);
  const url = new URL(testServer());
  url.pathname = `/${name}`;
  const drop = () => askServer(testServer(), `drop database ${name} with (force)`);
  return { url: url.href, drop };
}

/** Cuts every line to a database that the product holds; gives back how many there were. */
export async function cutLines(url: string, those = 'true'): Promise<number> {
  const cut = await askServer(
    url,
    `select pg_terminate_backend(pid) from pg_stat_activity
     where datname = current_database() and application_name = 'mellow-divot' and ${those}`,
  );
  return cut.length;
}
