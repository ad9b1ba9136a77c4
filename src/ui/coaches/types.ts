/** A browser that is signed in, as it is listed. */
export interface ListedSession {
  id: string;
  /** True for a phone that was brought to one lesson. */
  paired: boolean;
  account: string;
  device: string;
  beganAt: string;
  usedAt: string;
}

/** An entry of the log. */
export interface LogEntry {
  at: string;
  name: string | null;
  what: string;
  device: string;
}
