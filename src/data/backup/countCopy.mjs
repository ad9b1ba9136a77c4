/* A thread of its own that opens a copy in memory and counts its rows: seconds of computing that nobody else waits for. */
import { readFile } from 'node:fs/promises';
import { promisify } from 'node:util';
import { parentPort, workerData } from 'node:worker_threads';
import { gunzip } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';

const { file, tables } = workerData;

/** The copy's archive, out of its packing: its checksum tells a copy that is cut or bent. */
const archive = await promisify(gunzip)(await readFile(file));
const copy = await PGlite.create({ loadDataDir: new Blob([archive]) });
const counts = {};
for (const { name } of (await copy.query(tables)).rows) {
  const { rows } = await copy.query(
    `select count(*)::int as count from "${name.replaceAll('"', '""')}"`,
  );
  counts[name] = rows[0].count;
}
await copy.close();
parentPort.postMessage(counts);
