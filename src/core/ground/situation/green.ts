/** What a ball may come down on, and what it does to a run: share of the run a green of this speed would give. */
export const SURFACES = ['green', 'fringe', 'fairway', 'rough', 'sand'] as const;
export type Surface = (typeof SURFACES)[number];

/** What may lie past the green. */
export const BEYONDS = ['fringe', 'rough', 'bunker', 'water', 'out-of-bounds'] as const;
export type Beyond = (typeof BEYONDS)[number];

export const GREEN_FIRMNESS = ['soft', 'medium', 'firm'] as const;
export type GreenFirmness = (typeof GREEN_FIRMNESS)[number];

export interface Green {
  /** Distance that a ball released at 1.83 m/s rolls on the level, m. */
  stimp: number;
  /** Slope along the line, radians, uphill positive. */
  slope: number;
  firmness: GreenFirmness;
}
