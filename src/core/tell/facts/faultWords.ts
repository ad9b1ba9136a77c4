import { Refusal } from '@/core/contract/check/refusal';
import type { Fault } from '@/core/contract/check/fault';
import { sayFact } from './sayFact';

/** One thing wrong with an input, as it is said to whoever made it. */
export interface SaidFault {
  path: string;
  message: string;
}

/** Faults in the language in force. */
export const sayFaults = (faults: readonly Fault[]): SaidFault[] =>
  faults.map(({ path, message, place }) => ({
    path: place ? path.replace(/^\w+\[\d+\]/, () => sayFact(place)) : path,
    message: sayFact(message),
  }));

/** What an error says to a person: a refusal in words, any other as it stands. */
export function errorWords(error: unknown): string {
  if (error instanceof Refusal) return sayFact(error.why);
  return error instanceof Error ? error.message : String(error);
}

/** What is wrong, without where. */
export const wrongWords = (faults: readonly Fault[]): string =>
  faults.map(({ message }) => sayFact(message)).join('; ');

/** Faults as they are said, in a line: "shot.pin_yd: must be a number ...; ...". */
export const faultLine = (faults: readonly SaidFault[]): string =>
  faults.map(({ path, message }) => `${path}: ${message}`).join('; ');

/** {@link faultLine} of faults that are still to be said. */
export const faultWords = (faults: readonly Fault[]): string => faultLine(sayFaults(faults));
