import { format, parseISO } from 'date-fns';

/** A day as it is read: "2 May 2026". */
export const sayDay = (iso: string): string => format(parseISO(iso), 'd MMM yyyy');

/** The month of a day: "May 2026". */
export const sayMonth = (iso: string): string => format(parseISO(iso), 'MMMM yyyy');

/** A day where the year is known: "2 May". */
export const sayDayShort = (iso: string): string => format(parseISO(iso), 'd MMM');

/** A day as a number that days are as far apart by as they are, for an axis. */
export const timeOf = (iso: string): number => parseISO(iso).getTime();

/** The day at such a number. */
export const dayOf = (time: number): string => format(time, 'yyyy-MM-dd');

/** A day with its day of the week, where the year is known: "Tue 2 Jun". */
export const sayWeekday = (iso: string): string => format(parseISO(iso), 'EEE d MMM');
