import { statfs } from 'node:fs/promises';

/** Thrown instead of a write when the disk has too little room for it. */
export class DiskFull extends Error {
  constructor(readonly free: number) {
    super(
      `The disk is full: ${Math.floor(free / MEGABYTE)} MB are left, ${LEAST / MEGABYTE} are needed. ` +
        'Nothing was saved. What is kept can still be read; make room on the disk and try again.',
    );
    this.name = 'DiskFull';
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
