import { check } from '@/core/contract/check/fault';
import { exactObject, required, textField, type Of } from '@/core/contract/check/fields';
import { playerIdField } from '@/core/contract/check/ids';
import { shotSchema } from '@/core/contract/shot/shot';

const content = {
  playerId: required(playerIdField),
  shot: required(shotSchema),
  called: required(textField(1, 200)),
};

const draftSchema = exactObject(content);
const keepSchema = exactObject({ name: required(textField(1, 120)), ...content });

/** A reading that is worked on, as it comes from outside. */
export type DraftRequest = Of<typeof draftSchema>;

/** A reading to keep, as it comes from outside. */
export type KeepRequest = Of<typeof keepSchema>;

/** Checks a request to save a draft. Throws FaultyInput. */
export const readDraftRequest = (input: unknown): DraftRequest => check(draftSchema, input);

/** Checks a request to keep a reading. Throws FaultyInput. */
export const readKeepRequest = (input: unknown): KeepRequest => check(keepSchema, input);
