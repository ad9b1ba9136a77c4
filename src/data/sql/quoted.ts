/** A name as it stands in a statement. */
export const quoted = (name: string): string => `"${name.replaceAll('"', '""')}"`;
