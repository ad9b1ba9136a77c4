import { sitsDown } from '@/core/ground/sand/lie';
import { presetSand } from '@/core/ground/sand/presets';
import type { Shot } from '@/core/ground/situation/shot';
import { toMetres } from '@/core/ground/units/length';
import { callingFirst } from '../calls/leaders';
import type { Question } from '../calls/question';

const MEDIUM = presetSand('medium');

/** The situation with one factor at its neutral value; null where it stands there already. */
const NEUTRAL = {
  lip: (shot) => (shot.lip.height > 0.05 ? { ...shot, lip: { ...shot.lip, height: 0 } } : null),
  lie: (shot) => (sitsDown(shot.burial) ? { ...shot, burial: shot.sand.settle } : null),
  sand: (shot) => {
    const same = Object.entries(MEDIUM).every(
      ([key, value]) => shot.sand[key as keyof typeof MEDIUM] === value,
    );
    return same ? null : { ...shot, sand: MEDIUM };
  },
  slope: (shot) => (Math.abs(shot.along) > 0.017 ? { ...shot, along: 0 } : null),
  'side-slope': (shot) => (Math.abs(shot.across) > 0.017 ? { ...shot, across: 0 } : null),
  wind: (shot) =>
    Math.hypot(shot.wind.x, shot.wind.y) > 0.5 ? { ...shot, wind: { x: 0, y: 0 } } : null,
  green: (shot) =>
    Math.abs(shot.green.slope) > 0.005 ||
    Math.abs(shot.green.stimp - toMetres(9.5, 'ft')) > 0.35 ||
    shot.green.firmness !== 'medium'
      ? { ...shot, green: { stimp: toMetres(9.5, 'ft'), slope: 0, firmness: 'medium' } }
      : null,
  beyond: (shot) =>
    shot.beyond !== 'rough' && shot.beyond !== 'fringe' ? { ...shot, beyond: 'rough' } : null,
} as const satisfies Record<string, (shot: Shot) => Shot | null>;

/** A part of a situation that may cost strokes. */
export type CostFactor = keyof typeof NEUTRAL;

export const COST_FACTORS = Object.keys(NEUTRAL) as CostFactor[];

/** A shot with a factor at its neutral value; null where it stands there already. */
export const withoutFactor = (shot: Shot, factor: CostFactor): Shot | null => NEUTRAL[factor](shot);

/** Strokes that a factor costs against its neutral value; what it saves is negative. */
export type FactorCosts = ReadonlyMap<CostFactor, number>;

/**
 * What each factor of a situation that is not neutral costs: what is called first there against what is called first without the factor, each
 * played as one would play it, for nobody plays the shot out of hardpan from medium sand. A search for each; pauses now and then. Empty where the first call
 * is not a ball at the flag; a factor without which it is none either is absent.
 */
export function* costingFactors(question: Omit<Question, 'seed'>): Generator<void, FactorCosts> {
  const costs = new Map<CostFactor, number>();
  const here = yield* callingFirst(question);
  if (!here) return costs;
  for (const factor of COST_FACTORS) {
    const shot = withoutFactor(question.shot, factor);
    const there = shot && (yield* callingFirst({ ...question, shot }));
    if (there) costs.set(factor, here.strokes - there.strokes);
  }
  return costs;
}
