import { check } from '@/core/tell/format/fault';
import {
  exactObject,
  integerField,
  patternField,
  required,
  textField,
} from '@/core/tell/format/fields';
import { callSchema, UUID, type BallCall } from '../balls/ball';

/** What the balls of a tracker are taken for: the player and station at hand, and the call that is hit. */
export interface TrackerAim {
  lesson: string;
  player: string;
  station: number;
  call: BallCall;
}

const who = {
  lesson: required(patternField(UUID, 'a UUID')),
  player: required(textField(1, 60)),
  station: required(integerField(0, 11)),
};

const aimSchema = exactObject({ ...who, call: required(callSchema) });
const whoSchema = exactObject(who);

/** Checks what a tracker's balls are to be taken for. Throws FaultyInput. */
export const readAim = (input: unknown): TrackerAim => check(aimSchema, input);

/** Checks for whom a tracker is not to be listened to any more. Throws FaultyInput. */
export const readLeave = (input: unknown): Omit<TrackerAim, 'call'> => check(whoSchema, input);
