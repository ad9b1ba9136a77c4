import { Refusal } from '@/core/contract/check/refusal';
import { fact } from '@/core/ground/fact/fact';
import { codeOf } from '../sql/codeOf';

/** Thrown where the database server did not answer. What was being saved may have been saved, or not: it is to be sent again. */
export class DatabaseAway extends Refusal {
  constructor(cause: unknown) {
    super(fact('server.away'), 'database', 503, { cause });
  }
}

/** Thrown where so much was written at the same moment that work was taken back as often as it was tried. Nothing of it was saved. */
export class DatabaseBusy extends Refusal {
  constructor(cause: unknown) {
    super(fact('server.busy'), 'database', 503, { cause });
  }
}

/** What the system says of a line that cannot be had or was lost. */
const LINE_LOST = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EHOSTUNREACH',
  'ENETUNREACH',
  'ENOENT',
  'ENOTFOUND',
  'EAI_AGAIN',
  'EPIPE',
  'ETIMEDOUT',
]);

/**
 * SQLSTATE of a server that is going down or coming up, has no line left, or cut this one.
 *
 * Source: PostgreSQL documentation, appendix "PostgreSQL Error Codes".
 */
const SERVER_AWAY = /^(08...|57P0[1-3]|53300)$/;

/** The driver's own words for a line that was lost: it gives them no code. */
const DRIVER_LOST = /connection terminated|timeout exceeded when trying to connect|not queryable/i;

/** True of an error that says that the server is not there, not that it refuses what was asked. */
export const isAway = (error: unknown): boolean =>
  LINE_LOST.has(codeOf(error)) ||
  SERVER_AWAY.test(codeOf(error)) ||
  DRIVER_LOST.test(error instanceof Error ? error.message : String(error));

/** True of work that the server took back because another's came between: done again it goes through (SQLSTATE 40001, 40P01). */
export const isTakenBack = (error: unknown): boolean => ['40001', '40P01'].includes(codeOf(error));
