import { createHash, randomBytes } from 'node:crypto';

/** Something to be held by one browser or one link: nobody can guess it. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of it: whoever reads the database cannot use it. */
export const tokenHash = (token: string): string =>
  createHash('sha256').update(token).digest('hex');

/** True for text that may be one. */
export const isToken = (text: string): boolean => /^[\w-]{43}$/.test(text);
