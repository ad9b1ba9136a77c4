/** A full shot off grass. */
export interface GrassShot {
  id: number;
  club: string;
  /** m. */
  carry: number;
  /** ISO 8601, UTC. */
  hitAt: string;
}
