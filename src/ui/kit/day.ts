import { format, parseISO } from 'date-fns';

/** A day as it is read: "2 May 2026". */
export const sayDay = (iso: string): string => format(parseISO(iso), 'd MMM yyyy');

/** The month of a day: "May 2026". */
export const sayMonth = (iso: string): string => format(parseISO(iso), 'MMMM yyyy');
