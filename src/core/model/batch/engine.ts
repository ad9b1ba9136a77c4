import type { SwingError } from '../swing/swingError';
import type { Memory } from './kernel';

/** Where the kernel finds the aim of four balls, and where what is not fixed begins; bytes. */
const AIM = 512;
const FREE = 65536;

/** Swings that one slot of the memory holds, and bytes of a row of them. */
export const SLOT = 1024;
const ROW = SLOT * 4;

/** What the kernel reads of a swing, and what it writes of a ball, a row each, in this order. */
const ERRORS = ['mark', 'height', 'attack', 'speed', 'face', 'aim'] as const;
const ANSWERS = [
  'strokes',
  'x',
  'y',
  'carry',
  'path',
  'thin',
  'out',
  'lip',
  'green',
  'within2m',
  'clearance',
  'mark',
] as const;

type RowsOf<Names extends readonly string[]> = Record<Names[number], Float32Array>;

/** Swings as the kernel reads them, and balls as it writes them: a row of numbers for each quantity. */
export type SwingRows = RowsOf<typeof ERRORS>;
export type BallRows = RowsOf<typeof ANSWERS>;

/** Writes a swing to its place in rows. */
export function writeSwing(rows: SwingRows, i: number, swing: SwingError): void {
  rows.mark[i] = swing.mark;
  rows.height[i] = swing.height;
  rows.attack[i] = swing.attack;
  rows.speed[i] = swing.speed;
  rows.face[i] = swing.face;
  rows.aim[i] = swing.aim;
}

/** Plays balls four at a time with what lies in its memory. */
export interface Engine extends Memory {
  /** Direction of the path of four balls. */
  aims: Float32Array;
  slots: readonly SwingRows[];
  balls: BallRows;
  /** Plays `fours` times four swings of a slot with one set-up, from swing `from` on, a multiple of four; balls are written from 0 on. */
  play: (fours: number, slot: number, from: number) => void;
  /** Plays the first four swings of a slot, each with a set-up of its own. */
  playApart: (slot: number) => void;
}

interface Exports {
  memory: WebAssembly.Memory;
  play: (fours: number, swings: number, row: number, answers: number, stride: number) => void;
  playApart: (swings: number, row: number, answers: number, stride: number) => void;
}

const bytesOf = (base64: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));

/** The compiled kernel, base64, where this thread was given it. */
let kernel: string | null = null;

/**
 * Gives this thread the kernel: the threads that search, and commands. A page's own thread is not given it, which keeps it out of the
 * page's script; nor may it compile it, by the security headers.
 */
export function giveKernel(base64: string): void {
  kernel = base64;
  engine = undefined;
}

/** The compiled kernel; null where it was not given, or there is no WebAssembly that computes four numbers side by side. */
function instance(): Exports | null {
  if (kernel === null || typeof WebAssembly === 'undefined') return null;
  try {
    const built = new WebAssembly.Instance(new WebAssembly.Module(bytesOf(kernel)));
    return built.exports as unknown as Exports;
  } catch {
    return null;
  }
}

function started(): Engine | null {
  const exported = instance();
  if (!exported) return null;
  const { buffer } = exported.memory;
  const rows = <N extends readonly string[]>(names: N, at: number): RowsOf<N> =>
    Object.fromEntries(
      names.map((name, i) => [name, new Float32Array(buffer, at + i * ROW, SLOT)]),
    ) as RowsOf<N>;
  const first = FREE + ANSWERS.length * ROW;
  const bytes = ERRORS.length * ROW;
  const slots = Math.floor((buffer.byteLength - first) / bytes);
  return {
    numbers: new Float32Array(buffer),
    masks: new Int32Array(buffer),
    aims: new Float32Array(buffer, AIM, 4),
    slots: Array.from({ length: slots }, (_, i) => rows(ERRORS, first + i * bytes)),
    balls: rows(ANSWERS, FREE),
    play: (fours, slot, from) =>
      exported.play(fours, first + slot * bytes + from * 4, ROW, FREE, ROW),
    playApart: (slot) => exported.playApart(first + slot * bytes, ROW, FREE, ROW),
  };
}

let engine: Engine | null | undefined;

/** The engine of this thread, started when it is first asked for; null where there is none, and the reference answers. */
export function engineHere(): Engine | null {
  if (engine === undefined) engine = started();
  return engine;
}

/** Does without the engine while `work` runs: the reference answers. For tests and for the bench. */
export function withoutEngine<T>(work: () => T): T {
  const kept = engine;
  engine = null;
  try {
    return work();
  } finally {
    engine = kept;
  }
}
