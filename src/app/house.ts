import { cache } from 'react';
import { readAcademy } from '@/data/academy';
import { data } from '@/app/data';

/** The academy, read once for a request. */
export const house = cache(async () => readAcademy((await data()).sql));
