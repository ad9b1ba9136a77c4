/** Starts the worker of the audit. */
export const startAudit = (): Worker =>
  new Worker(new URL('../../workers/audit.worker.ts', import.meta.url), { type: 'module' });

export const AUDIT_FAILURE = 'This could not be worked out. Reload the page to try again.';
