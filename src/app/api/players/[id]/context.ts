/** What a route of one player is given. */
export interface PlayerContext {
  params: Promise<{ id: string }>;
}
