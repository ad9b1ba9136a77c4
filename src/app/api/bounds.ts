const KB = 1024;
const MB = 1024 * KB;

/** The largest bodies that routes read, bytes. */
export const MOST = {
  json: 256 * KB,
  lines: 256 * KB,
  results: 256 * KB,
  drills: MB,
  place: 2 * MB,
  picture: 8 * MB,
  lesson: 24 * MB,
  /** Everything about a player of ten thousand balls is about eight million. */
  roster: 48 * MB,
  /** Everything of an academy, packed: half a million balls are about thirty million. */
  academy: 48 * MB,
} as const;

/**
 * The framework hands a route no more of a body than this, and cuts the rest off in silence. It lies over whatever a route reads, so that
 * it is the route that refuses.
 */
export const HANDED_ON = Math.max(...Object.values(MOST)) + MB;

/** A bound as it is said. */
export const sayBytes = (bytes: number): string =>
  bytes >= MB ? `${Math.round(bytes / MB)} MB` : `${Math.round(bytes / KB)} kB`;
