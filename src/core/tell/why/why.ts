import { t } from '@/core/ground/language/t';
import { launchOver } from '@/core/ground/situation/lip';
import type { Finish } from '@/core/model/flight/finish';
import { effortFactor } from '@/core/model/spread/effort';
import { sampleSwings } from '@/core/model/spread/swings';
import { chanceWords, distanceWords } from '../words/words';
import { LIE_WORDS } from '../words/situation';
import { nearestLie, sitsDown } from '@/core/ground/sand/lie';
import { presetSand } from '@/core/ground/sand/presets';
import { oddsOf } from '@/core/model/odds/odds';
import { meantBy, play, readyFor } from '@/core/model/shot/play';
import type { Club } from '@/core/ground/club/club';
import { TIE_STROKES } from '@/core/search/candidates/rank';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { Shot } from '@/core/ground/situation/shot';
import type { SwingError } from '@/core/model/swing/swingError';
import { degrees, radians } from '@/core/ground/units/angle';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { Prediction } from '@/core/model/shot/prediction';
import type { Call } from '@/core/search/calls/call';
import { setupOf } from '@/core/search/candidates/candidate';
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

const MEDIUM = presetSand('medium');

/** The situation with one factor at its neutral value; null where it stands there already. */
const NEUTRAL: Record<string, (shot: Shot) => Shot | null> = {
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
};

/** What a call's strokes are measured with: whose, and on which swings. */
interface Measure {
  golfer: Golfer;
  swings: readonly SwingError[];
}

/** Strokes of a call in another shot, or with another club, in the same school; null when it cannot be solved there. */
function strokesWith(
  call: Call,
  { golfer, swings }: Measure,
  change: { shot?: Shot; club?: Club },
): number | null {
  const school = schoolById(call.school.id);
  if (!school) return null;
  const shot = change.shot ?? call.shot;
  const setup = change.club ? { ...call.setup, club: change.club } : call.setup;
  const past = call.meant.x - call.shot.pin;
  const solved = solveFor(setup, school, golfer, shot, past);
  if (solved.state !== 'solved') return null;
  return oddsOf(solved.setup, golfer, shot, solved.aim, swings).strokes;
}

/** The splash that a clean ball would get with the same club: nobody digs one out. */
const CLEAN_SCHOOL = 'same-sand';
const CLEAN_FACE_DEG = 18;
const CLEAN_MARK = 0.04;

/** Strokes of a plain splash with the club of a call, in a shot whose ball sits; null when it cannot be solved. */
function strokesSplashed(call: Call, measure: Measure, shot: Shot): number | null {
  const school = schoolById(CLEAN_SCHOOL);
  if (!school) return null;
  const setup = setupOf(school, call.setup.club, CLEAN_FACE_DEG, CLEAN_MARK, shot);
  return strokesWith({ ...call, school, setup }, measure, { shot });
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

/** Facts of a factor in this call, before what it costs. */
function factWords(factor: string, call: Call, prediction: Prediction, units: UnitSystem): string {
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
      return t('You need {asks} of launch to clear the lip; this {over}. Out {chance}. The lip', {
        asks,
        over,
        chance: chanceWords(call.odds.out),
      });
    }
    case 'lie':
      return t('The ball is {sits}. Compared with a clean lie that', {
        sits: LIE_WORDS[nearestLie(shot.burial)].sits,
      });
    case 'sand':
      if (shot.sand.strength > MEDIUM.strength) return t('Firmer than medium sand: that');
      return shot.sand.baseDepth < 0.03
        ? t('Thinner than medium sand: that')
        : t('Softer than medium sand: that');
    case 'slope':
      return shot.along > 0
        ? t('The {deg} upslope adds height and takes off distance and roll; it', {
            deg: deg(shot.along),
          })
        : t('The {deg} downslope takes off height and adds roll; it', { deg: deg(shot.along) });
    case 'side-slope':
      return shot.across > 0
        ? t('The ball above the feet is allowed for in the aim; it')
        : t('The ball below the feet is allowed for in the aim; it');
    case 'wind':
      if (Math.abs(shot.wind.y) > Math.abs(shot.wind.x)) return t('The wind across');
      return shot.wind.x < 0 ? t('The wind against') : t('The wind behind');
    case 'green': {
      const { stimp, slope, firmness } = shot.green;
      const tilt =
        Math.abs(slope) > 0.005 ? ` ${slope > 0 ? t('and uphill') : t('and downhill')}` : '';
      const hold =
        firmness === 'medium' ? '' : `, ${firmness === 'firm' ? t('firm|green') : t('soft|green')}`;
      return t('This green, stimp {stimp}{tilt}{hold},', {
        stimp: plainNumber(fromMetres(stimp, 'ft')),
        tilt,
        hold,
      });
    }
    default:
      return t('What lies past the green');
  }
}

/** Carry of the player's own usual heavy miss (one standard deviation further back and deeper), m. */
function heavyMiss(call: Call, golfer: Golfer): Finish {
  const { habits } = golfer;
  const effort = effortFactor(call.setup.fraction);
  const error = { ...meantBy(golfer), mark: habits.mark * effort, height: habits.height * effort };
  return play(readyFor(call.setup, golfer, call.shot), error, call.aim).finish;
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
  const kept = Math.round((100 * heavy.carry) / Math.max(0.01, prediction.carry));
  const bounce = degrees(club.bounce).toFixed(0);
  const work = degrees(prediction.effectiveBounce).toFixed(0);
  const sentences = [
    t(
      '{bounce}° of bounce is {work}° effective here: the usual heavy miss still carries {carry}, {kept}% of the planned carry.',
      { bounce, work, carry: distanceWords(heavy.carry, units), kept },
    ),
  ];
  const against = (other: Club): number | null => {
    const there = here === null ? null : strokesWith(call, measure, { club: other });
    return here === null || there === null ? null : here - there;
  };
  let strokes = 0;
  if (Math.abs(club.bounce - USUAL_BOUNCE) > radians(0.5)) {
    strokes = against({ ...club, bounce: USUAL_BOUNCE }) ?? 0;
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
 * Why a call stands where it does, from the model itself: what each factor that is not neutral costs this club in this
 * school, measured on common swings, the dearest first; then the sole and the swing.
 *
 * @param brief a coarser measure, for calls far down the list
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
  if (here !== null) {
    for (const [factor, neutral] of Object.entries(NEUTRAL)) {
      const shot = neutral(call.shot);
      const clean = factor === 'lie' && call.kind === 'dig';
      const there =
        shot &&
        (clean ? strokesSplashed(call, measure, shot) : strokesWith(call, measure, { shot }));
      if (there === null) continue;
      const strokes = here - there;
      const facts = factWords(factor, call, prediction, units);
      reasons.push({ factor, text: `${facts} ${verb(strokes)} ${costWords(strokes)}.`, strokes });
    }
    reasons.sort((a, b) => Math.abs(b.strokes) - Math.abs(a.strokes));
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
