import type { Skill } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { Scene } from '../batch/fours';
import { aheadOf } from '../shot/ahead';
import { stakesOf } from '../shot/stakes';

const scenes = new WeakMap<Shot, Partial<Record<Skill, Scene>>>();

/** What all balls of a shot share for a player of this skill; worked out once. */
export function sceneOf(shot: Shot, skill: Skill): Scene {
  const ofShot = scenes.get(shot) ?? {};
  scenes.set(shot, ofShot);
  return (ofShot[skill] ??= { ahead: aheadOf(shot), stakes: stakesOf(shot, skill) });
}
