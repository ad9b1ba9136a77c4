/** What a route of one lesson is given. */
export interface LessonContext {
  params: Promise<{ id: string }>;
}
