/** The code of an error: what the database calls SQLSTATE, or the system's own; empty where it has none. */
export const codeOf = (error: unknown): string =>
  String((error as { code?: unknown } | null | undefined)?.code ?? '');
