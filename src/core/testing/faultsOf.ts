import { check, FaultyInput, type Fault } from '@/core/tell/format/fault';
import type { Field } from '@/core/tell/format/fields';

/** What a field finds wrong with an input; nothing where it lets it through. */
export function faultsOf(field: Field<unknown>, input: unknown): readonly Fault[] {
  try {
    check(field, input);
    return [];
  } catch (error) {
    if (error instanceof FaultyInput) return error.faults;
    throw error;
  }
}
