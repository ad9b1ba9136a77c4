import { format, formatDistanceToNow, parseISO } from 'date-fns';
import { de, enUS } from 'date-fns/locale';
import { spoken, type Language } from '@/core/tell/language/language';

const LOCALES = { en: enUS, de };

/** How days are written: by the pattern of the language in force. */
const said = (date: Date, patterns: Record<Language, string>): string => {
  const { language } = spoken();
  return format(date, patterns[language], { locale: LOCALES[language] });
};

/** A day as it is read: "2 May 2026". */
export const sayDay = (iso: string): string =>
  said(parseISO(iso), { en: 'd MMM yyyy', de: 'd. MMM yyyy' });

/** The month of a day: "May 2026". */
export const sayMonth = (iso: string): string =>
  said(parseISO(iso), { en: 'MMMM yyyy', de: 'MMMM yyyy' });

/** A day where the year is known: "2 May". */
export const sayDayShort = (iso: string): string =>
  said(parseISO(iso), { en: 'd MMM', de: 'd. MMM' });

/** A day as a number that days are as far apart by as they are, for an axis. */
export const timeOf = (iso: string): number => parseISO(iso).getTime();

/** The day at such a number. */
export const dayOf = (time: number): string => format(time, 'yyyy-MM-dd');

/** A day with its day of the week, where the year is known: "Tue 2 Jun". */
export const sayWeekday = (iso: string): string =>
  said(parseISO(iso), { en: 'EEE d MMM', de: 'EEE d. MMM' });

/** A moment with its hour: "2 May 2026, 14:30". */
export const sayMoment = (iso: string): string =>
  said(parseISO(iso), { en: 'd MMM yyyy, HH:mm', de: 'd. MMM yyyy, HH:mm' });

/** How long ago a moment is: "about 2 hours ago". */
export const sayAgo = (iso: string): string =>
  formatDistanceToNow(parseISO(iso), { addSuffix: true, locale: LOCALES[spoken().language] });
