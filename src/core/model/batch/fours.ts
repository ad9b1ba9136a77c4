import type { Ahead } from '../shot/ahead';
import type { Stakes } from '../shot/stakes';
import type { Intent } from '../shot/strike';
import type { Footing } from '../spread/footing';
import type { SwingError } from '../swing/swingError';
import { writeSwing, type BallRows, type Engine } from './engine';
import { INTENT, putAhead, putFooting, putIntent, putStakes } from './kernel';

/** What all balls of a shot share. */
export interface Scene {
  ahead: Ahead;
  stakes: Stakes;
}

/** Slots of swings that are kept: for swings as meant, and for swings that are played once. */
const MEANT_SLOT = 0;
const ONCE_SLOT = 1;
/** The first slot that samples are kept in. */
export const FIRST_SLOT = 2;

/** Footing of a swing that is as it is: its errors are not to be spread. */
const SURE: Footing = { ground: 1, speed: 1, face: 1 };

/** What lies in an engine's memory, so that it is not written again. */
interface Written {
  scene: Scene | null;
  footing: Footing | null;
  intents: (Intent | null)[];
}

const written = new WeakMap<Engine, Written>();

function writtenIn(engine: Engine): Written {
  let known = written.get(engine);
  if (!known) {
    known = { scene: null, footing: null, intents: [null, null, null, null] };
    written.set(engine, known);
    for (const row of Object.values(engine.slots[MEANT_SLOT]!)) row.fill(0);
    engine.slots[MEANT_SLOT]!.speed.fill(1);
  }
  return known;
}

function write(engine: Engine, scene: Scene, footing: Footing): Written {
  const known = writtenIn(engine);
  if (known.scene !== scene) {
    putAhead(engine, scene.ahead);
    putStakes(engine, scene.stakes);
    known.scene = scene;
  }
  if (known.footing !== footing) {
    putFooting(engine, footing);
    known.footing = footing;
  }
  return known;
}

/** Makes an engine ready to play one set-up with many swings. */
export function writeOne(
  engine: Engine,
  scene: Scene,
  intent: Intent,
  footing: Footing,
  aim: number,
): void {
  const known = write(engine, scene, footing);
  if (known.intents.some((each) => each !== intent)) {
    putIntent(engine, intent);
    known.intents.fill(intent);
  }
  for (let lane = 0; lane < 4; lane++) {
    engine.numbers[INTENT.speed + lane] = intent.speed;
    engine.aims[lane] = aim;
  }
}

/** A set-up as meant, with what is changed of it from one look to the next. */
export interface Trial {
  intent: Intent;
  /** Head speed, m/s, where it is not the intent's. */
  speed: number;
  aim: number;
}

/**
 * Plays up to four set-ups as meant.
 *
 * @param startsOff where the golfer's balls are known to start, radians
 * @returns the balls, the first at 0; good until others are played
 */
export function playFour(
  engine: Engine,
  scene: Scene,
  trials: readonly Trial[],
  startsOff: number,
): BallRows {
  const known = write(engine, scene, SURE);
  for (let lane = 0; lane < 4; lane++) {
    const { intent, speed, aim } = trials[Math.min(lane, trials.length - 1)]!;
    if (known.intents[lane] !== intent) {
      putIntent(engine, intent, lane);
      known.intents[lane] = intent;
    }
    engine.numbers[INTENT.speed + lane] = speed;
    engine.aims[lane] = aim;
    engine.slots[MEANT_SLOT]!.aim[lane] = startsOff;
  }
  engine.playApart(MEANT_SLOT);
  return engine.balls;
}

/**
 * Plays swings of one set-up that nobody plays again, as they are: at most {@link SLOT} of them.
 *
 * @returns the balls, the first at 0; good until others are played
 */
export function playOnce(
  engine: Engine,
  scene: Scene,
  intent: Intent,
  aim: number,
  swings: readonly SwingError[],
): BallRows {
  writeOne(engine, scene, intent, SURE, aim);
  const rows = engine.slots[ONCE_SLOT]!;
  const padded = (swings.length + 3) & ~3;
  for (let i = 0; i < padded; i++) writeSwing(rows, i, swings[Math.min(i, swings.length - 1)]!);
  engine.play(padded >> 2, ONCE_SLOT, 0);
  return engine.balls;
}
