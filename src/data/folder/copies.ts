import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';

/** Why a copy was made. */
export const REASONS = ['daily', 'closing', 'migration', 'asked'] as const;
export type Reason = (typeof REASONS)[number];

/** A copy by what its name says. */
export interface Copy {
  file: string;
  at: Date;
  reason: Reason;
}

const NAME = /^mellow-(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z-([a-z]+)\.tar\.gz$/;

/**
 * A moment as it stands in names of files, UTC.
 *
 * @example
 * stampOf(new Date(0)); // => '19700101T000000Z'
 */
export const stampOf = (at: Date): string =>
  `${at.toISOString().slice(0, 19).replaceAll(/[-:]/g, '')}Z`;

/**
 * Name of a copy.
 *
 * @example
 * nameOf(new Date(0), 'daily'); // => 'mellow-19700101T000000Z-daily.tar.gz'
 */
export const nameOf = (at: Date, reason: Reason): string =>
  `mellow-${stampOf(at)}-${reason}.tar.gz`;

/** What the names of some files say of them, newest first; files that are no copies are left out. */
export function copiesAmong(files: readonly string[]): Copy[] {
  return files
    .flatMap((file): Copy[] => {
      const [, year, month, day, hour, minute, second, said] = NAME.exec(file) ?? [];
      const reason = REASONS.find((each) => each === said);
      if (!reason) return [];
      const at = new Date(`${year}-${month}-${day}T${hour}:${minute}:${second}Z`);
      return Number.isNaN(at.getTime()) ? [] : [{ file, at, reason }];
    })
    .sort((a, b) => b.at.getTime() - a.at.getTime());
}

/** Where the copies of a data folder lie. */
export const backupsIn = (folder: string): string => path.join(folder, 'backups');

/** The copies of a data folder, newest first. Every one was opened and counted after it was written. */
export function copiesIn(folder: string): Copy[] {
  const backups = backupsIn(folder);
  return existsSync(backups) ? copiesAmong(readdirSync(backups)) : [];
}

/** So many days and weeks keep their newest copy, and so many of those made before a change of the tables. */
const DAYS = 7;
const WEEKS = 8;
const BEFORE = 3;

const DAY_MS = 86_400_000;
const dayOf = ({ at }: Copy): number => Math.floor(at.getTime() / DAY_MS);
/** Weeks from Monday to Sunday: 1 January 1970 was a Thursday. */
const weekOf = (copy: Copy): number => Math.floor((dayOf(copy) + 3) / 7);

/** The first of each of the first `count` of what `of` says. */
function firstOfEach(copies: readonly Copy[], of: (copy: Copy) => number, count: number): Copy[] {
  const seen = new Set<number>();
  return copies.filter((copy) => {
    if (seen.has(of(copy)) || seen.size >= count) return false;
    seen.add(of(copy));
    return true;
  });
}

/**
 * The copies that need not be kept: all but the newest of each of the last seven days and eight weeks that have one, and the last three
 * made before the tables were changed.
 *
 * @param copies newest first
 */
export function outlived(copies: readonly Copy[]): Copy[] {
  const before = copies.filter(({ reason }) => reason === 'migration');
  const kept = new Set([
    ...firstOfEach(copies, dayOf, DAYS),
    ...firstOfEach(copies, weekOf, WEEKS),
    ...before.slice(0, BEFORE),
  ]);
  return copies.filter((copy) => !kept.has(copy));
}
