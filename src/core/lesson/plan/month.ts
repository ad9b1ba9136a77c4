import { t } from '@/core/ground/language/t';
import { check } from '@/core/tell/format/fault';
import { exactObject, patternField, required } from '@/core/tell/format/fields';

const monthSchema = exactObject({
  month: required(patternField(/^\d{4}-(0[1-9]|1[0-2])$/, () => t('a month as YYYY-MM'))),
});

/** The month that is asked for. Throws FaultyInput. */
export const readMonth = (month: string | null): string =>
  check(monthSchema, month === null ? {} : { month }).month;

/** The month of a day: '2026-05' of '2026-05-02'. */
export const monthOf = (day: string): string => day.slice(0, 7);
