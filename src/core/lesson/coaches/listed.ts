/* What the page "Coaches and sign-in", and a player's page, are told of who may see what. Times are ISO 8601, UTC. */

/** A browser that is signed in. */
export interface ListedSession {
  id: string;
  /** True for a phone that was brought to one lesson. */
  paired: boolean;
  account: string;
  /** What the browser calls itself. */
  device: string;
  beganAt: string;
  usedAt: string;
}

/** An entry of the log of who came in, what went out and what was erased: never of whom, or what was in it. */
export interface LogEntry {
  at: string;
  /** Who did it; null for somebody unknown, or a command. */
  name: string | null;
  what: string;
  device: string;
}

/** A link to what is one player's own. */
export interface ListedLink {
  id: string;
  madeAt: string;
  endsAt: string;
  /** When it was opened last; null for never. */
  usedAt: string | null;
}

/** Somebody who may coach a player, and whether they do. */
export interface CoachOf {
  id: string;
  name: string;
  coaches: boolean;
}
