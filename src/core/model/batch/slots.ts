import type { SwingError } from '../swing/swingError';
import { SLOT, writeSwing, type BallRows, type Engine } from './engine';
import { FIRST_SLOT } from './fours';

/** Which swings a slot holds: a thousand of them, from the `chunk`th thousand on. */
interface Held {
  swings: readonly SwingError[];
  chunk: number;
}

/** Samples of swings in an engine's memory; the one that was written first gives way. */
class Slots {
  private readonly held: Held[] = [];
  private readonly of = new Map<readonly SwingError[], (number | undefined)[]>();
  private next = FIRST_SLOT;

  constructor(private readonly engine: Engine) {}

  /** The slot of a thousand swings; they are written where they are in none. */
  slotOf(swings: readonly SwingError[], chunk: number): number {
    const known = this.of.get(swings)?.[chunk];
    if (known !== undefined) return known;
    const slot = this.next;
    this.next = slot + 1 < this.engine.slots.length ? slot + 1 : FIRST_SLOT;
    this.giveUp(this.held[slot]);
    this.held[slot] = { swings, chunk };
    const mine = this.of.get(swings) ?? [];
    mine[chunk] = slot;
    this.of.set(swings, mine);
    this.write(slot, swings, chunk);
    return slot;
  }

  private giveUp(held: Held | undefined): void {
    if (!held) return;
    const mine = this.of.get(held.swings)!;
    mine[held.chunk] = undefined;
    if (mine.every((slot) => slot === undefined)) this.of.delete(held.swings);
  }

  /** Where the last four are not whole, the last swing stands for those that are missing. */
  private write(slot: number, swings: readonly SwingError[], chunk: number): void {
    const rows = this.engine.slots[slot]!;
    const last = swings.length - 1;
    for (let i = 0; i < SLOT && chunk * SLOT + i < swings.length + 3; i++) {
      writeSwing(rows, i, swings[Math.min(chunk * SLOT + i, last)]!);
    }
  }
}

const slots = new WeakMap<Engine, Slots>();

function slotsOf(engine: Engine): Slots {
  let known = slots.get(engine);
  if (!known) slots.set(engine, (known = new Slots(engine)));
  return known;
}

/** Told of balls that were played: where in the rows the first of them stands, which swing it was, and how many. */
export type Watcher = (balls: BallRows, first: number, swing: number, count: number) => void;

/**
 * Plays the swings from `from` to `to`, a thousand at most at a time.
 *
 * @param ready writes what is played; asked before each stretch
 */
export function playSwings(
  engine: Engine,
  ready: () => void,
  swings: readonly SwingError[],
  from: number,
  to: number,
  watch: Watcher,
): void {
  for (let chunk = Math.floor(from / SLOT); chunk * SLOT < to; chunk++) {
    const slot = slotsOf(engine).slotOf(swings, chunk);
    ready();
    const first = Math.max(0, from - chunk * SLOT);
    const end = Math.min(SLOT, to - chunk * SLOT);
    const four = first & ~3;
    engine.play((end - four + 3) >> 2, slot, four);
    watch(engine.balls, first - four, chunk * SLOT + first, end - first);
  }
}
