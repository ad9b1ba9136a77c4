import { cache } from 'react';
import { namedHouse } from '@/core/tell/lessons/houseWords';
import type { House } from '@/core/lesson/players/house';
import { readAcademy } from '@/data/academy';
import type { Sql } from '@/data/sql/sql';
import { data } from './data';

/** The academy's settings. */
export const academyIn = async (sql: Sql): Promise<House> => namedHouse(await readAcademy(sql));

/** The academy's settings, looked up once for a page. */
export const house = cache(async () => academyIn((await data()).sql));
