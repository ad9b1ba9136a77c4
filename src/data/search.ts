/** A text as a pattern for `ilike` that finds it anywhere: its own wildcards stand for themselves. */
export const containing = (text: string): string => `%${text.replace(/[\\%_]/g, '\\$&')}%`;
