import type { Sand } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { toMetres } from '@/core/ground/units/length';

/** Where the plain bunker of a ladder ends and how high its edge is, m: a low lip that nothing has to be lifted over. */
const LIP = { height: 0.3, distance: 3 };

/** The green of a ladder: usual speed, level, from the lip on, longer than anything flies. */
const STIMP = toMetres(10, 'ft');
const LONGEST = 250;

/** A clean ball in level sand with green all the way: what a ladder is measured on. */
export function ladderShot(sand: Sand, pin = 20): Shot {
  return {
    sand,
    burial: sand.settle,
    along: 0,
    across: 0,
    pin,
    edge: LIP.distance + 0.5,
    back: LONGEST,
    lip: LIP,
    green: { stimp: STIMP, slope: 0, firmness: 'medium' },
    beyond: 'rough',
    wind: { x: 0, y: 0 },
    escapes: [],
  };
}
