/** Parts of the database's errors in which what somebody typed stands: whoever logs an error would log that. */
const VALUES = ['params', 'detail', 'where', 'internalQuery'];

/** Takes what somebody typed out of an error of the database. */
export function withoutValues(error: unknown): void {
  if (!(error instanceof Error)) return;
  for (const part of VALUES) Reflect.deleteProperty(error, part);
}
