import { readFile } from 'node:fs/promises';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';
import { countsOf, type Counts } from '../disk/rows';
import { openPGlite } from '../sql/pglite';

const gunzipped = promisify(gunzip);

/** A copy's archive, taken out of its packing: its checksum tells a copy that is cut or bent. */
export async function unpacked(file: string): Promise<Blob> {
  return new Blob([new Uint8Array(await gunzipped(await readFile(file)))]);
}

/** Opens a copy in memory and counts its rows. */
export async function counted(file: string): Promise<Counts> {
  const copy = await openPGlite(undefined, { loadDataDir: await unpacked(file) });
  try {
    return await countsOf(copy);
  } finally {
    await copy.close();
  }
}
