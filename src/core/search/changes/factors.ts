import { sandOfFirmness } from '@/core/ground/sand/sandOf';
import { DEEPEST_BURIAL } from '@/core/ground/sand/lie';
import type { Sand } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { toMetres } from '@/core/ground/units/length';

export const FACTORS = ['lip', 'distance', 'sand', 'lie', 'slope', 'wind'] as const;
/** A quantity of the situation that may be moved on its own to see what it does. */
export type FactorName = (typeof FACTORS)[number];

/** How far a quantity is moved when a change is looked for. */
export interface Span {
  low: number;
  high: number;
  /** Steps out from where it stands. */
  steps: readonly number[];
  /** Precision to which a change is found. */
  fine: number;
}

/** How a factor is read, moved and bounded. Values are SI; firmness runs from 0 to 1. */
export interface Factor extends Span {
  name: FactorName;
  get: (shot: Shot, firmness: number) => number;
  set: (shot: Shot, value: number) => Shot;
}

/** A flag stands no nearer behind the lip than this, m: nearer there is no shot to speak of. */
const BEHIND_LIP = toMetres(2, 'yd');

/** Moves flag and green together, the lip staying where it is; never so near that the flag stands in the lip. */
function atDistance(shot: Shot, asked: number): Shot {
  const pin = Math.max(asked, Math.min(shot.pin, shot.lip.distance + BEHIND_LIP));
  const by = pin - shot.pin;
  const edge = Math.max(shot.lip.distance, shot.edge + by);
  return { ...shot, pin, edge: Math.min(edge, pin), back: shot.back + by };
}

function withSand(shot: Shot, sand: Sand): Shot {
  const settled = Math.abs(shot.burial - shot.sand.settle) < 1e-9;
  return { ...shot, sand, burial: settled ? sand.settle : shot.burial };
}

/** The factors by name. */
export const FACTOR: Record<FactorName, Factor> = {
  lip: {
    name: 'lip',
    low: 0,
    high: 4,
    steps: [0.15, 0.3, 0.6, 1, 1.6, 2.4, 3.6, 5.4],
    fine: 0.05,
    get: (shot) => shot.lip.height,
    set: (shot, height) => ({ ...shot, lip: { ...shot.lip, height } }),
  },
  distance: {
    name: 'distance',
    low: toMetres(4, 'yd'),
    high: toMetres(220, 'yd'),
    steps: [2, 4, 8, 14, 22, 35],
    fine: 0.4,
    get: (shot) => shot.pin,
    set: atDistance,
  },
  sand: {
    name: 'sand',
    low: 0,
    high: 1,
    steps: [0.12, 0.25, 0.4, 0.6, 1],
    fine: 0.04,
    get: (_, firmness) => firmness,
    set: (shot, firmness) => withSand(shot, sandOfFirmness(firmness)),
  },
  lie: {
    name: 'lie',
    low: 0.001,
    high: DEEPEST_BURIAL - 0.008,
    steps: [0.004, 0.008, 0.014, 0.022, 0.032],
    fine: 0.001,
    get: (shot) => shot.burial,
    set: (shot, burial) => ({ ...shot, burial }),
  },
  slope: {
    name: 'slope',
    low: radians(-20),
    high: radians(25),
    steps: [radians(4), radians(8), radians(13), radians(20)],
    fine: radians(0.7),
    get: (shot) => shot.along,
    set: (shot, along) => ({ ...shot, along }),
  },
  wind: {
    name: 'wind',
    low: -12,
    high: 12,
    steps: [3, 6, 10],
    fine: 0.5,
    get: (shot) => shot.wind.x,
    set: (shot, x) => ({ ...shot, wind: { ...shot.wind, x } }),
  },
};
