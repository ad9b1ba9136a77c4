import type { ListedDrill } from '@/core/lesson/drills/chosen';
import { drillsWith } from '@/core/tell/drills/libraryWords';
import { storedDrills } from '@/data/drills';
import type { Sql } from '@/data/sql/sql';

/** All drills, in the language of who asks: the library's, changed ones, and those of the coaches' own. */
export const listDrills = async (sql: Sql): Promise<ListedDrill[]> =>
  drillsWith(await storedDrills(sql));
