import { sayFaults, type SaidFault } from '@/core/tell/facts/faultWords';
import { check, FaultyInput } from '@/core/contract/check/fault';
import type { Field } from '@/core/contract/check/fields';

/** What a field finds wrong with an input, as it is said; nothing where it lets it through. */
export function faultsOf(field: Field<unknown>, input: unknown): readonly SaidFault[] {
  try {
    check(field, input);
    return [];
  } catch (error) {
    if (error instanceof FaultyInput) return sayFaults(error.faults);
    throw error;
  }
}
