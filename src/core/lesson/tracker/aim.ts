import { check } from '@/core/contract/check/fault';
import { exactObject, integerField, required, type Of } from '@/core/contract/check/fields';
import { playerIdField, uuidField } from '@/core/contract/check/ids';
import { callSchema } from '@/core/contract/shot/setup';
import { MOST_STATIONS } from '../plan/lesson';

const who = {
  lesson: required(uuidField),
  player: required(playerIdField),
  station: required(integerField(0, MOST_STATIONS - 1)),
};

const aimSchema = exactObject({ ...who, call: required(callSchema) });
const whoSchema = exactObject(who);

/** What the balls of a tracker are taken for: the player and station at hand, and the call that is hit. */
export type TrackerAim = Of<typeof aimSchema>;

/** Checks what a tracker's balls are to be taken for. Throws FaultyInput. */
export const readAim = (input: unknown): TrackerAim => check(aimSchema, input);

/** Checks for whom a tracker is not to be listened to any more. Throws FaultyInput. */
export const readLeave = (input: unknown): Omit<TrackerAim, 'call'> => check(whoSchema, input);
