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
  /** Thickness of the cushion in which the blow to the ball dies away, m: loose sand swallows it, packed sand hands it on. */
  cushionDepth: number;
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
 * Tuned, not measured: dry quartz sand packs from about 1350 to 1850 kg/m^3; everything else was tuned together to what
 * coaches say of distances, soles and faces in each sand (docs/behaviour.md), within what is published for each kind of
 * number (docs/model.md).
 */
const PRESETS: Record<SandPreset, Sand> = {
  powder: {
    density: 1350,
    strength: 0,
    stiffness: 4e6,
    faceDrag: 0.546,
    soleDrag: 3.19,
    baseDepth: 0.15,
    baseStiffness: 2e8,
    cushionRestitution: 0.62,
    cushionDepth: 0.019,
    faceShear: 0.12,
    friction: 0.26,
    settle: 0.005,
  },
  soft: {
    density: 1450,
    strength: 0,
    stiffness: 4.57e6,
    faceDrag: 0.699,
    soleDrag: 3.19,
    baseDepth: 0.12,
    baseStiffness: 2e8,
    cushionRestitution: 0.845,
    cushionDepth: 0.0222,
    faceShear: 0.12,
    friction: 0.26,
    settle: 0.004,
  },
  medium: {
    density: 1550,
    strength: 3000,
    stiffness: 10e6,
    faceDrag: 1,
    soleDrag: 3.19,
    baseDepth: 0.1,
    baseStiffness: 2e8,
    cushionRestitution: 0.87,
    cushionDepth: 0.0287,
    faceShear: 0.14,
    friction: 0.26,
    settle: 0.003,
  },
  firm: {
    density: 1650,
    strength: 390e3,
    stiffness: 20e6,
    faceDrag: 0.611,
    soleDrag: 4.9,
    baseDepth: 0.1,
    baseStiffness: 2e8,
    cushionRestitution: 0.85,
    cushionDepth: 0.0327,
    faceShear: 0.182,
    friction: 0.26,
    settle: 0.002,
  },
  wet: {
    density: 1850,
    strength: 400e3,
    stiffness: 26e6,
    faceDrag: 0.903,
    soleDrag: 4.9,
    baseDepth: 0.1,
    baseStiffness: 2e8,
    cushionRestitution: 0.935,
    cushionDepth: 0.0718,
    faceShear: 0.23,
    friction: 0.26,
    settle: 0.002,
  },
  hardpan: {
    density: 1800,
    strength: 270e3,
    stiffness: 100e6,
    faceDrag: 1.1,
    soleDrag: 1.35,
    baseDepth: 0.00314,
    baseStiffness: 1.16e9,
    cushionRestitution: 0.62,
    cushionDepth: 0.07,
    faceShear: 0.2,
    friction: 0.26,
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
