import { fact } from '@/core/ground/fact/fact';
import { Refusal } from '@/core/contract/check/refusal';
import { statfs } from 'node:fs/promises';

/** Thrown instead of a write when the disk has too little room for it. */
export class DiskFull extends Refusal {
  constructor(readonly free: number) {
    super(
      fact('server.diskFull', { free: Math.floor(free / MEGABYTE), needed: LEAST / MEGABYTE }),
      'disk',
      507,
    );
  }
}

const MEGABYTE = 1024 * 1024;

/** The log grows by files of 16 MB; a database that finds no room for one dies. Four of them are kept free. */
export const LEAST = 64 * MEGABYTE;

/** Room is looked at anew after so long, ms. */
const STALE = 500;

/** Bytes that are free in a folder's file system; another one in tests. */
export type Free = (folder: string) => Promise<number>;

const freeIn: Free = async (folder) => {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
};

/**
 * Sees to it that there is room before a write.
 *
 * @returns a function that throws DiskFull where there is not
 */
export function roomFor(folder: string, free: Free = freeIn): () => Promise<void> {
  let left = Infinity;
  let looked = -Infinity;
  return async () => {
    if (performance.now() - looked > STALE) {
      left = await free(folder);
      looked = performance.now();
    }
    if (left < LEAST) throw new DiskFull(left);
  };
}
