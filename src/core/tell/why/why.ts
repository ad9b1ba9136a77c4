import { t } from '@/core/tell/language/t';
import { launchOver } from '@/core/ground/situation/lip';
import type { Finish } from '@/core/model/flight/finish';
import { effortFactor } from '@/core/model/spread/effort';
import { sampleSwings } from '@/core/model/spread/swings';
import { capital } from '../words/capital';
import { chanceWords, distanceWords } from '../words/words';
import { BEYOND_WORDS, LIE_WORDS } from '../words/situation';
import { isThin } from '@/core/ground/sand/trust';
import { nearestLie } from '@/core/ground/sand/lie';
import { presetSand, type Sand } from '@/core/ground/sand/presets';
import { PACKED_BELOW } from '@/core/ground/sand/sandOf';
import { oddsOf } from '@/core/model/odds/odds';
import { meantBy, play, readyFor } from '@/core/model/shot/play';
import type { Club } from '@/core/ground/club/club';
import { TIE_STROKES } from '@/core/search/candidates/rank';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { SwingError } from '@/core/model/swing/swingError';
import { degrees, radians } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Prediction } from '@/core/model/shot/prediction';
import type { Call } from '@/core/search/calls/call';
import {
  COST_FACTORS,
  withoutFactor,
  type CostFactor,
  type FactorCosts,
} from '@/core/search/changes/factorCosts';
import { solveFor } from '@/core/search/candidates/solve';
import { schoolById } from '@/core/search/schools/schools';

/** One reason, in the order of its weight. */
export interface Reason {
  factor: string;
  text: string;
  /** Strokes that the factor costs against its neutral value; what it saves is negative, and nought where that is not known. */
  strokes: number;
}

/** Swings on which a sole is held against another: for the calls that lead, and for the rest. */
const SAMPLE = 128;
const BRIEF_SAMPLE = 16;

const MEDIUM = presetSand('medium');

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

/** What a factor's cost is called. */
function costWords(strokes: number): string {
  if (Math.abs(strokes) < 0.02) return t('almost nothing');
  return t('{strokes} strokes', { strokes: Math.abs(strokes).toFixed(2).replace(/0$/, '') });
}

const verb = (strokes: number): string => (strokes < -0.02 ? t('saves') : t('costs'));

/** Sand that differs from medium, in a sentence. */
function sandWords(sand: Sand): string {
  if (isThin(sand) && sand.baseStiffness === PACKED_BELOW)
    return t(
      'The sand is dry on top and packed below: played as the dry sand that it looks like, the club bounces into the ball.',
    );
  if (sand.strength > MEDIUM.strength) return t('The sand is firmer than medium.');
  return isThin(sand)
    ? t('The sand is thinner than medium.')
    : t('The sand is softer than medium.');
}

/** Facts of a factor in this call, a sentence or two. */
function factWords(
  factor: CostFactor,
  call: Call,
  prediction: Prediction,
  units: UnitSystem,
): string {
  const { shot } = call;
  const deg = (rad: number): string => `${Math.round(Math.abs(degrees(rad)))}°`;
  switch (factor) {
    case 'lip': {
      const asks = deg(launchOver(shot.lip));
      const over =
        prediction.lipClearance === null
          ? t('rolls up it')
          : t('launches at {deg} and clears it by {clearance}', {
              deg: deg(prediction.launch),
              clearance: sayLength(prediction.lipClearance, 'height', units),
            });
      return t('You need {asks} of launch to clear the lip; this {over}. Out {chance}.', {
        asks,
        over,
        chance: chanceWords(call.odds.out),
      });
    }
    case 'lie':
      return t('The ball is {sits}.', { sits: LIE_WORDS[nearestLie(shot.burial)].sits });
    case 'sand':
      return sandWords(shot.sand);
    case 'slope':
      return shot.along > 0
        ? t('The {deg} upslope adds height and takes off distance and roll.', {
            deg: deg(shot.along),
          })
        : t('The {deg} downslope takes off height and adds roll.', { deg: deg(shot.along) });
    case 'side-slope':
      return shot.across > 0
        ? t('The ball above the feet is allowed for in the aim.')
        : t('The ball below the feet is allowed for in the aim.');
    case 'wind':
      if (Math.abs(shot.wind.y) > Math.abs(shot.wind.x)) return t('The wind is across.');
      return shot.wind.x < 0 ? t('The wind is against.') : t('The wind is behind.');
    case 'green': {
      const { stimp, slope, firmness } = shot.green;
      const tilt =
        Math.abs(slope) > 0.005 ? ` ${slope > 0 ? t('and uphill') : t('and downhill')}` : '';
      const hold =
        firmness === 'medium' ? '' : `, ${firmness === 'firm' ? t('firm|green') : t('soft|green')}`;
      return t('The green runs {stimp}{tilt}{hold}.', {
        stimp: plainNumber(fromMetres(stimp, 'ft')),
        tilt,
        hold,
      });
    }
    case 'beyond':
      return `${capital(BEYOND_WORDS[shot.beyond])}.`;
  }
}

/** What a factor costs, as a sentence that follows its facts. */
function costSentence(factor: CostFactor, strokes: number): string {
  const costs = { costs: verb(strokes), strokes: costWords(strokes) };
  switch (factor) {
    case 'lip':
      return t('The lip {costs} {strokes}.', costs);
    case 'lie':
      return t('Compared with a clean lie that {costs} {strokes}.', costs);
    default:
      return t('That {costs} {strokes}.', costs);
  }
}

/** The reasons of a call with what each factor costs, the dearest first. */
export function withCosts(why: readonly Reason[], costs: FactorCosts): Reason[] {
  const known = why.map((reason): Reason => {
    const factor = reason.factor as CostFactor;
    const strokes = costs.get(factor);
    if (strokes === undefined) return reason;
    return { factor, text: `${reason.text} ${costSentence(factor, strokes)}`, strokes };
  });
  const isFactor = ({ factor }: Reason): boolean =>
    (COST_FACTORS as readonly string[]).includes(factor);
  const dear = known.filter(isFactor).sort((a, b) => Math.abs(b.strokes) - Math.abs(a.strokes));
  return [...dear, ...known.filter((reason) => !isFactor(reason))];
}

/** Carry of the player's own usual heavy miss (one standard deviation further back and deeper), m. */
function heavyMiss(call: Call, golfer: Golfer): Finish {
  const { habits } = golfer;
  const effort = effortFactor(call.setup.fraction);
  const error = { ...meantBy(golfer), mark: habits.mark * effort, height: habits.height * effort };
  return play(readyFor(call.setup, golfer, call.shot), error, call.aim).finish;
}

/** Shares of the planned carry from which on a heavy miss goes as far, and below which it goes nowhere. */
const AS_FAR = 0.97;
const NOWHERE = 0.1;

/** What the usual heavy miss keeps of the planned carry. */
function heavyWords(carry: number, planned: number, units: UnitSystem): string {
  const kept = carry / Math.max(0.01, planned);
  if (kept >= AS_FAR) return t('the usual heavy miss carries as far as planned');
  if (kept < NOWHERE) return t('the usual heavy miss hardly moves the ball');
  return t('the usual heavy miss still carries {carry}, {kept}% of the planned carry', {
    carry: distanceWords(carry, units),
    kept: Math.round(100 * kept),
  });
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
  units: UnitSystem,
): Reason {
  const { club } = call.setup;
  const heavy = heavyMiss(call, measure.golfer);
  const bounce = degrees(club.bounce).toFixed(0);
  const work = degrees(prediction.effectiveBounce).toFixed(0);
  const sentences = [
    t('{bounce}° of bounce is {work}° effective here: {heavy}.', {
      bounce,
      work,
      heavy: heavyWords(heavy.carry, prediction.carry, units),
    }),
  ];
  const against = (other: Club): number | null => {
    const there = here === null ? null : strokesWith(call, measure, other);
    return here === null || there === null ? null : here - there;
  };
  let strokes = 0;
  if (Math.abs(club.bounce - USUAL_BOUNCE) > radians(0.5)) {
    strokes = against({ ...club, bounce: USUAL_BOUNCE }) ?? 0;
    if (Math.abs(strokes) >= TIE_STROKES)
      sentences.push(
        t('Compared with 10° of bounce that {costs} {strokes} here.', {
          costs: verb(strokes),
          strokes: costWords(strokes),
        }),
      );
  }
  const other = otherSole(club, bag);
  const worse = other && against(other);
  if (other && worse !== null && Math.abs(worse) >= TIE_STROKES) {
    sentences.push(
      t('The {other}, with {bounce}°, played the same way {costs} {strokes}.', {
        other: other.name,
        bounce: degrees(other.bounce).toFixed(0),
        costs: worse < 0 ? t('costs') : t('saves'),
        strokes: costWords(worse),
      }),
    );
  }
  return { factor: 'sole', text: sentences.join(' '), strokes };
}

function swingReason(call: Call, prediction: Prediction, units: UnitSystem): Reason {
  const share = Math.round(100 * call.setup.fraction);
  const text =
    prediction.carry > 0
      ? t('{carry} of carry takes {share}% of full swing speed, then {roll} of roll.', {
          carry: distanceWords(prediction.carry, units),
          share,
          roll: distanceWords(Math.max(0, prediction.run), units),
        })
      : t('{total} along the ground.', { total: distanceWords(prediction.total, units) });
  return { factor: 'distance', text, strokes: 0 };
}

/** Whose call it is, and how it is told. */
export interface Asking {
  golfer: Golfer;
  /** The clubs that the player has with them. */
  bag: readonly Club[];
  units: UnitSystem;
  seed: number;
}

/**
 * Why a call stands where it does, from the model itself: the facts of each factor that is not neutral, without what it costs (see
 * {@link withCosts}); then the sole and the swing.
 *
 * @param brief a coarser measure of the sole, for calls far down the list
 */
export function reasonsFor(
  call: Call,
  prediction: Prediction,
  { golfer, bag, units, seed }: Asking,
  brief = false,
): Reason[] {
  const reasons: Reason[] = [];
  const swings = sampleSwings(golfer.habits, brief ? BRIEF_SAMPLE : SAMPLE, seed);
  const measure: Measure = { golfer, swings };
  // The same swings as the search's own: samples of one seed begin alike.
  const here = strokesOf(call, swings.length);
  if (call.toward === 0) {
    for (const factor of COST_FACTORS)
      if (withoutFactor(call.shot, factor))
        reasons.push({ factor, text: factWords(factor, call, prediction, units), strokes: 0 });
  }
  if (prediction.carry > 0 && call.kind !== 'pick' && call.kind !== 'chip') {
    reasons.push(soleReason(call, prediction, measure, here, brief ? [] : bag, units));
  }
  reasons.push(swingReason(call, prediction, units));
  if (call.odds.thin >= 0.05) {
    const text = t('Thin {chance}: nobody ahead of the player.', {
      chance: chanceWords(call.odds.thin),
    });
    reasons.push({ factor: 'thin', text, strokes: 0 });
  }
  return reasons;
}
