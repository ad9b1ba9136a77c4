import { randomBytes } from 'node:crypto';

/** An id for a new player: nobody can guess it, and it says nothing of who it is. */
export const newPlayerId = (): string => `player-${randomBytes(9).toString('hex')}`;
