import { cache } from 'react';
import { readAcademy } from '@/data/academy';
import { database } from '@/data/database';

/** The academy, read once for a request. */
export const house = cache(async () => readAcademy((await database()).sql));
