import { check } from '../format/fault';
import { exactObject, required, textField } from '../format/fields';
import { shotSchema } from '../format/situationSchema';
import type { ShotInput } from './reading';

const content = {
  playerId: required(textField(1, 60)),
  shot: required(shotSchema),
  called: required(textField(1, 200)),
};

const draftSchema = exactObject(content);
const keepSchema = exactObject({ name: required(textField(1, 120)), ...content });

/** A reading that is worked on, as it comes from outside. */
export interface DraftRequest {
  playerId: string;
  shot: ShotInput;
  called: string;
}

/** A reading to keep, as it comes from outside. */
export interface KeepRequest extends DraftRequest {
  name: string;
}

/** Checks a request to save a draft. Throws FaultyInput. */
export const readDraftRequest = (input: unknown): DraftRequest =>
  check<DraftRequest>(draftSchema, input);

/** Checks a request to keep a reading. Throws FaultyInput. */
export const readKeepRequest = (input: unknown): KeepRequest =>
  check<KeepRequest>(keepSchema, input);
