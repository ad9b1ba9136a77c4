import type { SwingError } from '../swing/swingError';
import type { Ahead } from '../shot/ahead';
import type { Stakes } from '../shot/stakes';
import type { Intent } from '../shot/strike';
import type { Footing } from '../spread/footing';
import { AIM, answersAt, engineHere, LAYOUT, SLOT, slotAt, write, type Engine } from './engine';

/** One set-up that is played many times, in numbers that all its balls share. */
export interface Played {
  intent: Intent;
  footing: Footing;
  ahead: Ahead;
  stakes: Stakes;
  aim: number;
}

/** Writes the numbers of `from` that the layout has a place for. */
function put(engine: Engine, layout: object, from: object): void {
  const given = from as Record<string, unknown>;
  for (const [name, at] of Object.entries(layout)) {
    const value = given[name];
    if (typeof at === 'object') put(engine, at as object, value as object);
    else if (typeof value === 'boolean') engine.masks.fill(value ? -1 : 0, at / 4, at / 4 + 4);
    else write(engine.memory, at as number, value as number);
  }
}

/** Makes the engine ready for a set-up. */
function prepare(engine: Engine, { intent, footing, ahead, stakes, aim }: Played): void {
  put(engine, LAYOUT.INTENT, intent);
  put(engine, LAYOUT.FOOTING, footing);
  put(engine, LAYOUT.AHEAD, ahead);
  put(engine, LAYOUT.STAKES, stakes);
  write(engine.memory, AIM, aim);
}

/** Which slots hold which swings. */
const slots = new Map<readonly SwingError[], number[]>();
const owners: { swings: readonly SwingError[]; chunk: number }[] = [];
let next = 0;

/** Slot that holds the `chunk`th thousand of some swings. */
function slotOf(engine: Engine, swings: readonly SwingError[], chunk: number): number {
  const known = slots.get(swings)?.[chunk];
  if (known !== undefined) return known;
  const slot = next++ % engine.slots;
  const before = owners[slot];
  if (before) delete slots.get(before.swings)?.[before.chunk];
  owners[slot] = { swings, chunk };
  const mine = slots.get(swings) ?? [];
  mine[chunk] = slot;
  slots.set(swings, mine);
  const at = slotAt(slot);
  const last = swings.length - 1;
  for (let i = 0; i < SLOT; i++) {
    const { mark, height, attack, speed, face, aim } = swings[Math.min(chunk * SLOT + i, last)]!;
    engine.memory[at + i] = mark;
    engine.memory[at + SLOT + i] = height;
    engine.memory[at + 2 * SLOT + i] = attack;
    engine.memory[at + 3 * SLOT + i] = speed;
    engine.memory[at + 4 * SLOT + i] = face;
    engine.memory[at + 5 * SLOT + i] = aim;
  }
  return slot;
}

/** Balls that were played: rows of numbers, a place for each ball from `start` on. */
export interface Balls {
  memory: Float32Array;
  start: number;
}

/**
 * Plays the swings from `from` to `to` of a set-up; null where there is no engine.
 *
 * @param each told of every stretch of balls that was played: their numbers, and where its rows begin
 */
export function playSwings(
  played: Played,
  swings: readonly SwingError[],
  from: number,
  to: number,
  each: (memory: Float32Array, first: number, count: number) => void,
): boolean {
  const engine = engineHere();
  if (!engine) return false;
  prepare(engine, played);
  for (let chunk = Math.floor(from / SLOT); chunk * SLOT < to; chunk++) {
    const slot = slotOf(engine, swings, chunk);
    const first = Math.max(0, from - chunk * SLOT);
    const end = Math.min(SLOT, to - chunk * SLOT);
    const aligned = first & ~3;
    engine.play((end - aligned + 3) >> 2, slot, aligned);
    each(engine.memory, first - aligned, end - first);
  }
  return true;
}

/** Rows of answers, as places in the memory. */
export const ROW_OF = {
  strokes: answersAt(0),
  x: answersAt(1),
  y: answersAt(2),
  carry: answersAt(3),
  path: answersAt(4),
  thin: answersAt(5),
  out: answersAt(6),
  lip: answersAt(7),
  green: answersAt(8),
  within2m: answersAt(9),
  clearance: answersAt(10),
} as const;
