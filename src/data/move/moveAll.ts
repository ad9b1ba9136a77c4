import { quoted } from '../sql/quoted';
import type { Sql } from '../sql/sql';
import { putRows, putSequences, readRows, readSequences, withoutTriggers } from './rows';
import { isSame, PLAIN_TEXT, sumOf } from './sums';
import { FROM_THE_START, tablesInOrder } from './tables';

/** Thrown where nothing was moved, and why. */
export class NotMoved extends Error {
  constructor(why: string) {
    super(`Nothing was moved: ${why}`);
    this.name = 'NotMoved';
  }
}

/** Told now and then how many rows were carried. */
export type Told = (rows: number) => void;

/**
 * Copies every row of one database into another that holds nothing, counts and sums on both sides, and leaves nothing there unless
 * they agree. Both must be at the same step of their tables.
 *
 * @returns how many rows each table has
 * @throws NotMoved
 */
export function moveAll(
  source: Sql,
  target: Sql,
  told: Told = () => undefined,
): Promise<Record<string, number>> {
  return source.transaction(async (from) => {
    // All that is read is of one moment.
    await from.exec('set transaction isolation level repeatable read, read only');
    await from.exec(PLAIN_TEXT);
    return target.transaction(async (to) => {
      await to.exec(PLAIN_TEXT);
      const tables = await tablesInOrder(from);
      if (JSON.stringify(tables) !== JSON.stringify(await tablesInOrder(to))) {
        throw new NotMoved('the two databases are of different versions.');
      }
      for (const table of tables) {
        if (FROM_THE_START.includes(table.name)) await to.exec(`delete from ${quoted(table.name)}`);
        const { rows } = await sumOf(to, table);
        if (rows > 0) throw new NotMoved(`there are ${table.name} already where it would go.`);
      }
      const counts: Record<string, number> = {};
      await withoutTriggers(to, tables, async () => {
        for (const table of tables) {
          for await (const lines of readRows(from, table)) {
            await putRows(to, table, lines);
            told(lines.length);
          }
          const [there, here] = [await sumOf(from, table), await sumOf(to, table)];
          if (!isSame(there, here)) {
            throw new NotMoved(
              `of ${there.rows} ${table.name} ${here.rows} arrived, or not as they were.`,
            );
          }
          counts[table.name] = here.rows;
        }
        await putSequences(to, await readSequences(from));
      });
      return counts;
    });
  });
}
