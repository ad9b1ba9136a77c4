import Papa from 'papaparse';

/** Rows as records, or as lists under the names of their columns. */
export type Rows = readonly object[] | { fields: string[]; data: unknown[][] };

/**
 * Rows as CSV, whose text no spreadsheet takes for a formula: a name such as "=1+1" is written with an apostrophe before it (OWASP, CSV
 * Injection). Numbers stay as they are.
 *
 * @param columns those that are written, in this order; all of the first row when absent
 * @example
 * csvOf([{ name: '=1+1', depth: -2 }]); // => 'name,depth\r\n"\'=1+1",-2'
 */
export const csvOf = (rows: Rows, columns?: readonly string[]): string =>
  Papa.unparse(rows as object[], {
    escapeFormulae: true,
    ...(columns ? { columns: [...columns] } : {}),
  });
