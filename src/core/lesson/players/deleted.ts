/** Something that was deleted and can be brought back. */
export interface Deleted {
  kind: 'player' | 'lesson' | 'reading';
  id: string;
  /** A player's or reading's name, a lesson's place. */
  name: string;
  /** Whose reading it is, or the day of a lesson as YYYY-MM-DD; null for a player. */
  of: string | null;
  /** ISO 8601, UTC. */
  deletedAt: string;
}
