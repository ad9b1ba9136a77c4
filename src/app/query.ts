/** A page's search parameters as Next gives them. */
export type Query = Record<string, string | string[] | undefined>;

/** Search parameters as one query string; of a repeated one the last counts. */
export function queryText(query: Query): string {
  return new URLSearchParams(
    Object.entries(query).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, Array.isArray(value) ? (value.at(-1) ?? '') : value]],
    ),
  ).toString();
}
