import path from 'node:path';

/** The folder that holds the database: MELLOW_DATA, or `.data` where the product was started. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.env.MELLOW_DATA || '.data');
}
