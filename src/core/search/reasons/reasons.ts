import type { Club } from '@/core/ground/club/club';
import { nearestLie } from '@/core/ground/sand/lie';
import { presetSand, type Sand } from '@/core/ground/sand/presets';
import { PACKED_BELOW } from '@/core/ground/sand/sandOf';
import { isThin } from '@/core/ground/sand/trust';
import { launchOver } from '@/core/ground/situation/lip';
import { radians } from '@/core/ground/units/angle';
import type { Golfer } from '@/core/model/golfer/golfer';
import { oddsOf } from '@/core/model/odds/odds';
import { meantBy, play, readyFor } from '@/core/model/shot/play';
import type { Prediction } from '@/core/model/shot/prediction';
import { effortFactor } from '@/core/model/spread/effort';
import { sampleSwings } from '@/core/model/spread/swings';
import type { SwingError } from '@/core/model/swing/swingError';
import type { Call } from '../calls/call';
import { TIE_STROKES } from '../candidates/rank';
import { solveFor } from '../candidates/solve';
import { COST_FACTORS, withoutFactor, type CostFactor } from '../changes/factorCosts';
import { schoolById } from '../schools/schools';
import type { Facts, OtherSole, Reason, SandApart } from './reason';

/** Swings on which a sole is held against another: for the calls that lead, and for the rest. */
const SAMPLE = 128;
const BRIEF_SAMPLE = 16;

const MEDIUM = presetSand('medium');

/** From this chance on a thin ball is a reason to mind who stands ahead. */
const THIN_FROM = 0.05;

/** What a call's strokes are measured with: whose, and on which swings. */
interface Measure {
  golfer: Golfer;
  swings: readonly SwingError[];
}

/** Strokes of a call with another club in the same school; null when it cannot be solved. */
function strokesWith(call: Call, { golfer, swings }: Measure, club: Club): number | null {
  const school = schoolById(call.school.id);
  if (!school) return null;
  const { shot } = call;
  const past = call.meant.x - shot.pin;
  const solved = solveFor({ ...call.setup, club }, school, golfer, shot, past);
  if (solved.state !== 'solved') return null;
  return oddsOf(solved.setup, golfer, shot, solved.aim, swings).strokes;
}

/** Strokes of a call over the first swings of the sample that it was rated on; null for one that is not at the flag. */
function strokesOf({ odds, toward }: Call, count: number): number | null {
  if (toward !== 0 || odds.each.length < count) return null;
  let sum = 0;
  for (let i = 0; i < count; i++) sum += odds.each[i]!;
  return sum / count;
}

/** How sand differs from medium. */
function sandApart(sand: Sand): SandApart {
  if (isThin(sand) && sand.baseStiffness === PACKED_BELOW) return 'crust';
  if (sand.strength > MEDIUM.strength) return 'firmer';
  return isThin(sand) ? 'thinner' : 'softer';
}

/** What is so of a factor in this call. */
function factsOf(factor: CostFactor, { shot, odds }: Call, prediction: Prediction): Facts {
  switch (factor) {
    case 'lip':
      return {
        factor,
        asks: launchOver(shot.lip),
        launch: prediction.launch,
        clearance: prediction.lipClearance,
        out: odds.out,
      };
    case 'lie':
      return { factor, lie: nearestLie(shot.burial) };
    case 'sand':
      return { factor, sand: sandApart(shot.sand) };
    case 'slope':
      return { factor, along: shot.along };
    case 'side-slope':
      return { factor, side: shot.across > 0 ? 'above' : 'below' };
    case 'wind': {
      const { x, y } = shot.wind;
      if (Math.abs(y) > Math.abs(x)) return { factor, from: 'across' };
      return { factor, from: x < 0 ? 'against' : 'behind' };
    }
    case 'green':
      return { factor, green: shot.green };
    case 'beyond':
      return { factor, beyond: shot.beyond };
  }
}

/** Carry of the player's own usual heavy miss (one standard deviation further back and deeper), m. */
function heavyCarry(call: Call, golfer: Golfer): number {
  const { habits } = golfer;
  const effort = effortFactor(call.setup.fraction);
  const error = { ...meantBy(golfer), mark: habits.mark * effort, height: habits.height * effort };
  return play(readyFor(call.setup, golfer, call.shot), error, call.aim).finish.carry;
}

/** The bounce that a sole is held against, radians: a middling one. */
const USUAL_BOUNCE = radians(10);

/** A sole that differs from another by less than this is the same to a coach, radians. */
const SAME_SOLE = radians(2.5);

/** The wedge of the bag nearest in loft whose sole is another one. */
function otherSole(club: Club, bag: readonly Club[]): Club | null {
  const others = bag.filter(
    (each) =>
      each.type === 'wedge' &&
      each.name !== club.name &&
      Math.abs(each.bounce - club.bounce) > SAME_SOLE,
  );
  const apart = (each: Club): number => Math.abs(each.loft - club.loft);
  return others.reduce<Club | null>((a, b) => (a && apart(a) <= apart(b) ? a : b), null);
}

/** What the sole does, what the usual heavy miss keeps, what it costs against a middling one, and another of the bag. */
function soleReason(
  call: Call,
  prediction: Prediction,
  measure: Measure,
  here: number | null,
  bag: readonly Club[],
): Reason {
  const { club } = call.setup;
  const costsAgainst = (other: Club): number | null => {
    const there = here === null ? null : strokesWith(call, measure, other);
    return here === null || there === null ? null : here - there;
  };
  const telling = (strokes: number | null): strokes is number =>
    strokes !== null && Math.abs(strokes) >= TIE_STROKES;
  const usual = Math.abs(club.bounce - USUAL_BOUNCE) <= radians(0.5);
  const against = usual ? null : costsAgainst({ ...club, bounce: USUAL_BOUNCE });
  const sole = otherSole(club, bag);
  const costs = sole && costsAgainst(sole);
  const other: OtherSole | null =
    sole && telling(costs) ? { club: sole.name, bounce: sole.bounce, costs } : null;
  return {
    facts: {
      factor: 'sole',
      bounce: club.bounce,
      effective: prediction.effectiveBounce,
      heavy: heavyCarry(call, measure.golfer),
      planned: prediction.carry,
      against: telling(against) ? against : null,
      other,
    },
    strokes: against ?? 0,
  };
}

/** Whose call it is. */
export interface Asking {
  golfer: Golfer;
  /** The clubs that the player has with them. */
  bag: readonly Club[];
  seed: number;
}

/**
 * Why a call stands where it does, from the model itself: the facts of each factor that is not neutral, without what it costs; then the
 * sole and the swing.
 *
 * @param brief a coarser measure of the sole, for calls far down the list
 */
export function reasonsFor(
  call: Call,
  prediction: Prediction,
  { golfer, bag, seed }: Asking,
  brief = false,
): Reason[] {
  const reasons: Reason[] = [];
  const swings = sampleSwings(golfer.habits, brief ? BRIEF_SAMPLE : SAMPLE, seed);
  // The same swings as the search's own: samples of one seed begin alike.
  const here = strokesOf(call, swings.length);
  if (call.toward === 0) {
    for (const factor of COST_FACTORS)
      if (withoutFactor(call.shot, factor))
        reasons.push({ facts: factsOf(factor, call, prediction), strokes: 0 });
  }
  const { carry, run, total } = prediction;
  if (carry > 0 && call.kind !== 'pick' && call.kind !== 'chip') {
    reasons.push(soleReason(call, prediction, { golfer, swings }, here, brief ? [] : bag));
  }
  const share = call.setup.fraction;
  reasons.push({ facts: { factor: 'distance', carry, run, total, share }, strokes: 0 });
  if (call.odds.thin >= THIN_FROM) {
    reasons.push({ facts: { factor: 'thin', chance: call.odds.thin }, strokes: 0 });
  }
  return reasons;
}
