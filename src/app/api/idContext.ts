/** What a route of one record is given: the id in its address. */
export interface IdContext {
  params: Promise<{ id: string }>;
}
