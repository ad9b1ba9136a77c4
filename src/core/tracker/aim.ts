import { check } from '../contract/fault';
import { exactObject, integerField, patternField, required, textField } from '../contract/fields';
import { callSchema, UUID, type BallCall } from '../lesson/ball';

/** What the balls of a tracker are taken for: the player and station at hand, and the call that is hit. */
export interface TrackerAim {
  lesson: string;
  player: string;
  station: number;
  call: BallCall;
}

const aimSchema = exactObject({
  lesson: required(patternField(UUID, 'a UUID')),
  player: required(textField(1, 60)),
  station: required(integerField(0, 11)),
  call: required(callSchema),
});

/** Checks what a tracker's balls are to be taken for. Throws FaultyInput. */
export const readAim = (input: unknown): TrackerAim => check(aimSchema, input);
