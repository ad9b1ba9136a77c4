import { TZDate } from '@date-fns/tz';
import { format } from 'date-fns';

/** The day that it is in a time zone, YYYY-MM-DD. */
export const todayIn = (zone: string): string => format(new TZDate(Date.now(), zone), 'yyyy-MM-dd');

/** The day that it is where the day begins first: nothing before yesterday is in the future anywhere. */
export const latestToday = (): string => todayIn('Pacific/Kiritimati');

/** The day that it is where it begins last: nothing before it is anything but past. */
export const earliestToday = (): string => todayIn('Pacific/Pago_Pago');

/** The day that it is where the server stands. */
export const todayHere = (): string => todayIn(Intl.DateTimeFormat().resolvedOptions().timeZone);
