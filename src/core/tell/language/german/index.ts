import { BUNKER } from './bunker';
import { DESK } from './desk';
import { DRILLS } from './drills';
import { FRAME } from './frame';
import { GROUND } from './ground';
import { LESSONS } from './lessons';
import { PAPERS } from './papers';
import { PLAN } from './plan';
import { PLAYERS } from './players';
import { PRACTICE } from './practice';
import { SERVER } from './server';
import { TECHNIQUES } from './techniques';
import { TELLING } from './telling';
import type { Translation } from '../message';

/** Every message in German. */
export const GERMAN: Translation = {
  ...BUNKER,
  ...DESK,
  ...DRILLS,
  ...FRAME,
  ...GROUND,
  ...LESSONS,
  ...PAPERS,
  ...PLAN,
  ...PLAYERS,
  ...PRACTICE,
  ...SERVER,
  ...TECHNIQUES,
  ...TELLING,
};
