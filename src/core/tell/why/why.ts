import type { Finish } from '@/core/model/flight/finish';
import { effortFactor } from '@/core/model/spread/effort';
import { sampleSwings } from '@/core/model/spread/swings';
import { chanceWords, distanceWords } from '../words/words';
import { LIE_WORDS } from '../words/situation';
import { nearestLie, sitsDown } from '@/core/ground/sand/lie';
import { presetSand } from '@/core/ground/sand/presets';
import { oddsOf } from '@/core/model/shot/odds';
import { play, readyFor } from '@/core/model/shot/play';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Prediction } from '@/core/model/shot/prediction';
import type { Call } from '@/core/search/calls/call';
import { solveFor } from '@/core/search/candidates/solve';
import { schoolById } from '@/core/search/schools/schools';

/** One reason, in the order of its weight. */
export interface Reason {
  factor: string;
  text: string;
  /** Strokes that the factor costs this call against its neutral value; what it gains is negative. */
  strokes: number;
}

/** Swings on which a factor's cost is measured: for the calls that lead, and for the rest. */
const SAMPLE = 128;
const BRIEF_SAMPLE = 16;

/** The situation with one factor at its neutral value; null where it stands there already. */
const NEUTRAL: Record<string, (shot: Shot) => Shot | null> = {
  lip: (shot) => (shot.lip.height > 0.05 ? { ...shot, lip: { ...shot.lip, height: 0 } } : null),
  lie: (shot) => (sitsDown(shot.burial) ? { ...shot, burial: 0.003 } : null),
  sand: (shot) => {
    const medium = presetSand('medium');
    const same = Object.entries(medium).every(
      ([key, value]) => shot.sand[key as keyof typeof medium] === value,
    );
    return same ? null : { ...shot, sand: medium };
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
};

/** Strokes of the same club in the same school in another shot; null when it cannot be solved there. */
function strokesIn(
  call: Call,
  golfer: Golfer,
  shot: Shot,
  swings: ReturnType<typeof sampleSwings>,
): number | null {
  const school = schoolById(call.school.id);
  if (!school) return null;
  const past = call.meant.x - call.shot.pin;
  const solved = solveFor(call.setup, school, golfer, shot, past);
  if (solved.state !== 'solved') return null;
  return oddsOf(solved.setup, golfer, shot, solved.aim, swings).strokes;
}

/** What a factor's cost is called. */
function costWords(strokes: number): string {
  if (Math.abs(strokes) < 0.02) return 'next to nothing';
  return `${Math.abs(strokes).toFixed(2).replace(/0$/, '')} strokes`;
}

const verb = (strokes: number): string => (strokes < -0.02 ? 'saves' : 'costs');

/** Facts of a factor in this call, before what it costs. */
function factWords(factor: string, call: Call, prediction: Prediction, units: UnitSystem): string {
  const { shot } = call;
  const deg = (rad: number): string => `${Math.round(Math.abs(degrees(rad)))}°`;
  switch (factor) {
    case 'lip': {
      const asks = deg(Math.atan2(shot.lip.height, shot.lip.distance));
      const over =
        prediction.lipClearance === null
          ? 'rolls up it'
          : `starts at ${deg(prediction.launch)} and clears it by ${sayLength(prediction.lipClearance, 'height', units)}`;
      return `The lip asks for ${asks}; this ${over}. Out ${chanceWords(call.odds.out)}. It`;
    }
    case 'lie':
      return `The ball sits ${LIE_WORDS[nearestLie(shot.burial)].sits}. Against a clean one that`;
    case 'sand':
      return `${shot.sand.soleDrag > 1.1 ? 'Firmer' : shot.sand.baseDepth < 0.03 ? 'Thinner' : 'Softer'} than medium sand: that`;
    case 'slope':
      return shot.along > 0
        ? `The ${deg(shot.along)} up-slope adds height and takes distance and run; it`
        : `The ${deg(shot.along)} down-slope takes height and adds run; it`;
    case 'side-slope':
      return `The ball ${shot.across > 0 ? 'above' : 'below'} the feet is aimed off for; it`;
    case 'wind':
      return `The wind ${Math.abs(shot.wind.y) > Math.abs(shot.wind.x) ? 'across' : shot.wind.x < 0 ? 'against' : 'behind'}`;
    case 'green': {
      const { stimp, slope, firmness } = shot.green;
      const tilt = Math.abs(slope) > 0.005 ? ` and ${slope > 0 ? 'uphill' : 'downhill'}` : '';
      const hold = firmness === 'medium' ? '' : `, ${firmness}`;
      return `This green, ${plainNumber(fromMetres(stimp, 'ft'))} on the meter${tilt}${hold},`;
    }
    default:
      return `What lies past the green`;
  }
}

/** Carry of the player's own usual heavy miss (one standard deviation further back and deeper), m. */
function heavyMiss(call: Call, golfer: Golfer): Finish {
  const { habits } = golfer;
  const effort = effortFactor(call.setup.fraction);
  const error = { ...AS_MEANT, mark: habits.mark * effort, height: habits.height * effort };
  return play(readyFor(call.setup, golfer, call.shot), error, call.aim).finish;
}

/** What the sole does, and what the usual heavy miss keeps. */
function soleReason(call: Call, prediction: Prediction, golfer: Golfer, units: UnitSystem): Reason {
  const heavy = heavyMiss(call, golfer);
  const kept = Math.round((100 * heavy.carry) / Math.max(0.01, prediction.carry));
  const bounce = degrees(call.setup.club.bounce).toFixed(0);
  const work = degrees(prediction.effectiveBounce).toFixed(0);
  return {
    factor: 'sole',
    text: `${bounce}° of bounce is ${work}° at work: the usual heavy miss still carries ${distanceWords(heavy.carry, units)}, ${kept}\u00a0% of what is meant.`,
    strokes: 0,
  };
}

function swingReason(call: Call, prediction: Prediction, units: UnitSystem): Reason {
  const share = Math.round(100 * call.setup.fraction);
  const text =
    prediction.carry > 0
      ? `${distanceWords(prediction.carry, units)} of carry takes ${share}\u00a0% of a full swing's speed, then ${distanceWords(Math.max(0, prediction.run), units)} of run.`
      : `${distanceWords(prediction.total, units)} along the ground.`;
  return { factor: 'distance', text, strokes: 0 };
}

/**
 * Why a call stands where it does, from the model itself: what each factor that is not neutral costs this club in this
 * school, measured on common swings, the dearest first; then the sole and the swing.
 *
 * @param seed of the sample
 * @param brief a coarser measure, for calls far down the list
 */
export function reasonsFor(
  call: Call,
  prediction: Prediction,
  golfer: Golfer,
  units: UnitSystem,
  seed: number,
  brief = false,
): Reason[] {
  const reasons: Reason[] = [];
  if (call.toward === 0) {
    const swings = sampleSwings(golfer.habits, brief ? BRIEF_SAMPLE : SAMPLE, seed);
    const here = strokesIn(call, golfer, call.shot, swings);
    for (const [factor, neutral] of Object.entries(NEUTRAL)) {
      const shot = neutral(call.shot);
      const there = shot && here !== null ? strokesIn(call, golfer, shot, swings) : null;
      if (here === null || there === null) continue;
      const strokes = here - there;
      const facts = factWords(factor, call, prediction, units);
      reasons.push({ factor, text: `${facts} ${verb(strokes)} ${costWords(strokes)}.`, strokes });
    }
    reasons.sort((a, b) => Math.abs(b.strokes) - Math.abs(a.strokes));
  }
  if (prediction.carry > 0 && call.kind !== 'pick' && call.kind !== 'chip') {
    reasons.push(soleReason(call, prediction, golfer, units));
  }
  reasons.push(swingReason(call, prediction, units));
  if (call.odds.thin >= 0.05) {
    const text = `Thin ${chanceWords(call.odds.thin)}: nobody ahead of the player.`;
    reasons.push({ factor: 'thin', text, strokes: 0 });
  }
  return reasons;
}
