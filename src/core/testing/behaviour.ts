/** A statement of coaches with a number: what is wanted, and what the model gives. */
export interface Behaviour {
  name: string;
  /** Lowest and highest value wanted, in `unit`. */
  wanted: readonly [number, number];
  unit: string;
  got: () => number;
  /** What an earlier model gave, where it was noted. */
  before?: number;
  /** Where the model stands outside what is wanted: why, and where it stands instead. */
  excuse?: { why: string; stands: readonly [number, number] };
}
