import { check } from '@/core/tell/format/fault';
import {
  exactObject,
  flagField,
  listField,
  numberField,
  required,
  textField,
} from '@/core/tell/format/fields';

const archiveSchema = exactObject({ archived: required(flagField()) });

/** Whether a player is to be archived. Throws FaultyInput. */
export const readArchiveRequest = (input: unknown): { archived: boolean } =>
  check(archiveSchema, input);

const shotsSchema = exactObject({
  shots: required(
    listField(
      exactObject({
        club: required(textField(1, 24)),
        carry_m: required(numberField(1, 349, 'm')),
      }),
      1,
      200,
    ),
  ),
});

/** Shots off grass to be logged, carries in m. Throws FaultyInput. */
export const readGrassShots = (input: unknown): { club: string; carry: number }[] =>
  check<{ shots: { club: string; carry_m: number }[] }>(shotsSchema, input).shots.map(
    ({ club, carry_m }) => ({ club, carry: carry_m }),
  );
