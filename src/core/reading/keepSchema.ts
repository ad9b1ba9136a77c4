import { check } from '../contract/fault';
import { exactObject, required, textField } from '../contract/fields';
import { shotSchema } from '../contract/situationSchema';
import type { ShotInput } from './reading';

const keepSchema = exactObject({
  name: required(textField(1, 120)),
  playerId: required(textField(1, 60)),
  shot: required(shotSchema),
  called: required(textField(1, 200)),
});

/** A reading to keep, as it comes from outside. */
export interface KeepRequest {
  name: string;
  playerId: string;
  shot: ShotInput;
  called: string;
}

/** Checks a request to keep a reading. Throws FaultyInput. */
export const readKeepRequest = (input: unknown): KeepRequest =>
  check<KeepRequest>(keepSchema, input);
