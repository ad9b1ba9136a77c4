/** Sand as the head and the ball feel it, SI units. */
export interface Sand {
  /** Bulk density, kg/m^3. */
  density: number;
  /** Strength at the surface (cohesion, packing), Pa. */
  strength: number;
  /** Growth of strength with depth, Pa/m. */
  stiffness: number;
  /** Drag number of the sheet that the face pushes, and of the sole on the sand under it. */
  faceDrag: number;
  soleDrag: number;
  /** Depth of the hard layer, m, and its stiffness, Pa/m. */
  baseDepth: number;
  baseStiffness: number;
  /** Restitution of the cushion between face and ball at low speed. */
  cushionRestitution: number;
  /** Share of the sliding speed that sand on the face passes on to the ball. */
  faceShear: number;
  /** Friction of steel on this sand. */
  friction: number;
  /** How deep a clean ball sits, m. */
  settle: number;
}

export const SAND_PRESETS = ['powder', 'soft', 'medium', 'firm', 'wet', 'hardpan'] as const;
export type SandPreset = (typeof SAND_PRESETS)[number];

/**
 * Tuned, not measured: dry quartz sand packs from about 1350 to 1850 kg/m^3; strength and stiffness give
 * penetration depths in the range of published bunker penetrometer classes; the drag numbers were tuned to
 * coaching distances of one splash from soft to firm sand.
 */
const PRESETS: Record<SandPreset, Sand> = {
  powder: {
    density: 1350,
    strength: 0,
    stiffness: 2.5e6,
    faceDrag: 0.9,
    soleDrag: 0.75,
    baseDepth: 0.15,
    baseStiffness: 2e8,
    cushionRestitution: 0.5,
    faceShear: 0.1,
    friction: 0.35,
    settle: 0.005,
  },
  soft: {
    density: 1450,
    strength: 0,
    stiffness: 5e6,
    faceDrag: 0.95,
    soleDrag: 0.95,
    baseDepth: 0.12,
    baseStiffness: 2e8,
    cushionRestitution: 0.58,
    faceShear: 0.12,
    friction: 0.35,
    settle: 0.004,
  },
  medium: {
    density: 1550,
    strength: 3e3,
    stiffness: 10e6,
    faceDrag: 1,
    soleDrag: 1.1,
    baseDepth: 0.1,
    baseStiffness: 2e8,
    cushionRestitution: 0.66,
    faceShear: 0.14,
    friction: 0.35,
    settle: 0.003,
  },
  firm: {
    density: 1650,
    strength: 60e3,
    stiffness: 20e6,
    faceDrag: 1.2,
    soleDrag: 5.5,
    baseDepth: 0.1,
    baseStiffness: 2e8,
    cushionRestitution: 0.74,
    faceShear: 0.18,
    friction: 0.35,
    settle: 0.002,
  },
  wet: {
    density: 1850,
    strength: 130e3,
    stiffness: 26e6,
    faceDrag: 1.45,
    soleDrag: 6,
    baseDepth: 0.1,
    baseStiffness: 2e8,
    cushionRestitution: 0.84,
    faceShear: 0.23,
    friction: 0.4,
    settle: 0.002,
  },
  hardpan: {
    density: 1800,
    strength: 400e3,
    stiffness: 100e6,
    faceDrag: 1.1,
    soleDrag: 2,
    baseDepth: 0.003,
    baseStiffness: 1e9,
    cushionRestitution: 0.75,
    faceShear: 0.2,
    friction: 0.35,
    settle: 0.001,
  },
};

/**
 * A copy of the preset's sand, free to be changed.
 *
 * @example
 * presetSand('soft').density; // => 1450
 */
export function presetSand(preset: SandPreset): Sand {
  return { ...PRESETS[preset] };
}
