import { KERNEL, LAYOUT } from './kernel';

/** Four numbers side by side in the kernel's memory. */
const LANES = 4;

/** Where the aim of four balls lies, and what is free above what is fixed; bytes. */
const AIM = 512;
const FREE = 65536;

/** Rows that the kernel reads of every swing, and writes of every ball. */
const ERRORS = 6;
export const ANSWERS = 11;

/** Swings of one slot of memory, and bytes of a row of them. */
export const SLOT = 1024;
const ROW = SLOT * 4;

/** An engine that plays balls four at a time: its memory, and what is asked of it. */
export interface Engine {
  memory: Float32Array;
  /** Whole numbers of the same memory, for masks. */
  masks: Int32Array;
  /** How many slots of swings there are. */
  slots: number;
  /** Plays so many fours of a slot from one on. */
  play: (fours: number, slot: number, from: number) => void;
}

/** First place of a slot, in numbers. */
export const slotAt = (slot: number): number => (FREE + ANSWERS * ROW + slot * ERRORS * ROW) / 4;

/** First place of a row of answers, in numbers. */
export const answersAt = (row: number): number => (FREE + row * ROW) / 4;

/** Where the layout's addresses lie among numbers. */
export type Address = number;

/** Writes a number for all four balls. */
export function write(memory: Float32Array, at: Address, value: number): void {
  const place = at / 4;
  memory.fill(value, place, place + LANES);
}

interface Exports {
  memory: WebAssembly.Memory;
  play: (fours: number, swings: number, row: number, answers: number, stride: number) => void;
}

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

/** Starts an engine; null where there is no WebAssembly with four numbers side by side. */
function started(): Engine | null {
  if (typeof WebAssembly === 'undefined') return null;
  let exported: Exports;
  try {
    const built = new WebAssembly.Instance(new WebAssembly.Module(bytesOf(KERNEL)));
    exported = built.exports as unknown as Exports;
  } catch {
    return null;
  }
  const { memory, play } = exported;
  return {
    memory: new Float32Array(memory.buffer),
    masks: new Int32Array(memory.buffer),
    slots: Math.floor((memory.buffer.byteLength - slotAt(0) * 4) / (ERRORS * ROW)),
    play: (fours, slot, from) => play(fours, slotAt(slot) * 4 + from * 4, ROW, FREE, ROW),
  };
}

let engine: Engine | null | undefined;

/** The engine of this thread, started when it is first asked for; null where there is none. */
export function engineHere(): Engine | null {
  if (engine === undefined) engine = started();
  return engine;
}

export { AIM, LAYOUT };
