import { sayFaults } from '@/core/tell/facts/faultWords';
import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';
import { FaultyInput, type Fault } from '@/core/contract/check/fault';

/** Puts an error where a path leads. */
function place(errors: Record<string, unknown>, path: string, message: string): void {
  const keys = path.split('.');
  const last = keys.pop()!;
  let at = errors;
  for (const key of keys) at = (at[key] ??= {}) as Record<string, unknown>;
  at[last] ??= { type: 'check', message };
}

/**
 * Checks a form with the reader that its values go to, and puts each fault to its field.
 *
 * @param read throws FaultyInput for values that are not usable
 * @param fieldOf the field of the form that a path of a fault belongs to: `bag[0].loft_deg` may be `bag.0.loft`
 */
export const checked =
  <T extends FieldValues>(
    read: (values: T) => unknown,
    fieldOf: (path: string) => string = (path) => path.replace(/\[(\d+)\]/g, '.$1'),
  ): Resolver<T> =>
  (values) => {
    const faults = faultsIn(() => read(values));
    if (!faults) return { values, errors: {} };
    const errors: Record<string, unknown> = {};
    for (const { path, message } of sayFaults(faults)) place(errors, fieldOf(path), message);
    return { values: {}, errors: errors as FieldErrors<T> };
  };

/** The faults that reading finds; null when there are none. */
export function faultsIn(read: () => unknown): readonly Fault[] | null {
  try {
    read();
    return null;
  } catch (error) {
    if (error instanceof FaultyInput) return error.faults;
    throw error;
  }
}
