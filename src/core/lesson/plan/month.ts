import { fact } from '@/core/ground/fact/fact';
import { check } from '@/core/contract/check/fault';
import { exactObject, patternField, required } from '@/core/contract/check/fields';

const monthSchema = exactObject({
  month: required(patternField(/^\d{4}-(0[1-9]|1[0-2])$/, fact('check.month'))),
});

/** The month that is asked for. Throws FaultyInput. */
export const readMonth = (month: string | null): string =>
  check(monthSchema, month === null ? {} : { month }).month;

/** The month of a day: '2026-05' of '2026-05-02'. */
export const monthOf = (day: string): string => day.slice(0, 7);
