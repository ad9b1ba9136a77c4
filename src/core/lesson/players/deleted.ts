/** Something that was deleted and can be brought back. */
export interface Deleted {
  kind: 'player' | 'lesson' | 'reading' | 'practice' | 'test' | 'place';
  id: string;
  /** A player's or reading's name, a lesson's place, the name of who practises. */
  name: string;
  /** Whose reading it is, or the day of a lesson, or on which practice begins, as YYYY-MM-DD; null for a player or a place. */
  of: string | null;
  /** ISO 8601, UTC. */
  deletedAt: string;
}
