import { clubName } from '@/core/contract/shot/club';
import { check } from '@/core/contract/check/fault';
import {
  exactObject,
  flagField,
  listField,
  numberField,
  required,
} from '@/core/contract/check/fields';

const archiveSchema = exactObject({ archived: required(flagField()) });

/** Whether a player is to be archived. Throws FaultyInput. */
export const readArchiveRequest = (input: unknown): { archived: boolean } =>
  check(archiveSchema, input);

const shotsSchema = exactObject({
  shots: required(
    listField(
      exactObject({
        club: required(clubName),
        carry_m: required(numberField(1, 349, 'm')),
      }),
      1,
      200,
    ),
  ),
});

/** Full shots off grass to be logged, carries in m. Throws FaultyInput. */
export const readGrassShots = (input: unknown): { club: string; carry: number }[] =>
  check(shotsSchema, input).shots.map(({ club, carry_m }) => ({ club, carry: carry_m }));
