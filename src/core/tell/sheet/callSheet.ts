import { sayFact } from '../facts/sayFact';
import { t } from '@/core/tell/language/t';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import { learntWords } from '@/core/tell/words/player';
import { acrossFor, type Player } from '@/core/ground/player/player';
import { oddsEntry, predictedEntry } from '@/core/contract/shot/entries';
import { rounded } from '@/core/contract/check/rounded';
import { saidSetup, writeSetup } from '@/core/contract/shot/setup';
import { cautionsFor } from '../script/cautions';
import { plainScript, scriptOf, faceClockFor, type Line } from '../script/script';
import type { UnitSystem } from '@/core/ground/units/system';
import type { OtherCall } from '@/core/search/calls/escape';
import { predict, type Prediction } from '@/core/model/shot/prediction';
import type { Call } from '@/core/search/calls/call';
import type { Prescription } from '@/core/search/calls/prescribe';
import type { ToLearn } from '@/core/search/calls/toLearn';
import { TIE_STROKES } from '@/core/search/candidates/rank';
import { techniqueName } from '@/core/tell/words/techniques';
import { holds } from '@/core/model/green/holds';
import { tieWords } from '../words/tieWords';
import { learnWords } from '../words/learnWords';
import { ruledOutWords } from '../why/ruledOut';
import { reasonEntries } from '../why/why';
import { reasonsFor } from '@/core/search/reasons/reasons';
import type { Golfer } from '@/core/model/golfer/golfer';
import { degrees } from '@/core/ground/units/angle';
import { swingClock } from '@/core/ground/units/clock';
import { fromMetres } from '@/core/ground/units/length';

export const CALL_SHEET_FORMAT = 'mellow-divot/call-sheet';
export const CALL_SHEET_VERSION = 1;
export const MODEL_VERSION = '2.1.0';

/** Calls whose reasons are measured on the larger sample. */
const MEASURED_WELL = 5;

/** Context that turns a call into what is told of it. */
export interface Telling {
  player: Pick<Player, 'handed' | 'skill' | 'bag' | 'cautions' | 'learnt'>;
  units: UnitSystem;
  seed: number;
  /** All reasons on the small sample: for what is read while a hand moves it. */
  brief?: boolean;
}

/** A struck call in the outside format. */
function callEntry(
  { call, prediction }: Struck,
  rank: number,
  golfer: Golfer,
  { player, units, seed, brief = false }: Telling,
) {
  const { setup, odds } = call;
  const { handed } = player;
  const said = saidSetup(writeSetup(setup, call.aim, call.school.id, handed));
  const script: Line[] = scriptOf(call, prediction.grassCarry, { units, handed });
  return {
    rank,
    kind: call.kind,
    school: said.school,
    club: said.club,
    face_deg: said.face_deg,
    face_clock: faceClockFor(degrees(setup.opening), handed),
    ball_position: said.ball_position,
    stance_width: said.stance_width,
    stance_open_deg: said.stance_open_deg,
    aim_deg: said.aim_deg,
    toward_deg: rounded(-acrossFor(degrees(call.toward), handed), 0),
    dig_mm: said.dig_mm,
    grip_down_in: said.grip_down_in,
    handle_lower_deg: said.handle_lower_deg,
    shaft_lean_deg: said.shaft_lean_deg,
    weight_lead: said.weight_lead,
    entry_in: said.entry_in,
    attack_deg: rounded(-degrees(prediction.attack), 1),
    swing_clock: swingClock(setup.fraction),
    swing_fraction: said.swing_fraction,
    grass_swing_yd: rounded(fromMetres(prediction.grassCarry, 'yd'), 0),
    finish: call.school.finish,
    predicted: predictedEntry(prediction),
    odds: oddsEntry(odds),
    why: reasonEntries(
      reasonsFor(
        call,
        prediction,
        { golfer, bag: player.bag, seed },
        brief || rank > MEASURED_WELL,
      ),
      units,
    ),
    script,
    say: plainScript(script),
    cautions: cautionsFor(call, player.cautions ?? []),
    /** The shot as planned does not get out: the best that can be tried at the flag. */
    attempt: call.attempt === true,
  };
}

export type CallEntry = ReturnType<typeof callEntry>;

/** A call with what the ball as meant does: worked out once for everything that is told or drawn of it. */
export interface Struck {
  call: Call;
  prediction: Prediction;
}

const struckBy = (call: Call, golfer: Golfer): Struck => ({
  call,
  prediction: predict(call.setup, golfer, call.shot, call.meant),
});

/** A call as it is told; nothing is struck where relief is taken. */
export interface Told {
  entry: CallEntry;
  struck: Struck | null;
}

const NOTHING_STRUCK = {
  club: 'none',
  face_deg: 0,
  face_clock: '12:00',
  ball_position: 0,
  stance_width: 0,
  stance_open_deg: 0,
  aim_deg: 0,
  toward_deg: 0,
  dig_mm: 0,
  grip_down_in: 0,
  handle_lower_deg: 0,
  shaft_lean_deg: 0,
  weight_lead: 0,
  entry_in: 0,
  attack_deg: 0,
  swing_clock: '6:00',
  swing_fraction: 0,
  grass_swing_yd: 0,
  finish: 'short' as const,
  predicted: {
    carry_yd: 0,
    run_yd: 0,
    total_yd: 0,
    carry_m: 0,
    run_m: 0,
    total_m: 0,
    apex_ft: 0,
    apex_m: 0,
    launch_deg: 0,
    ball_speed_mps: 0,
    spin_rpm: 0,
    lip_clearance_ft: null,
    loft_effective_deg: 0,
    bounce_effective_deg: 0,
    divot_mm: 0,
    depth_mm: 0,
  },
};

const reliefCaution = () =>
  t('The Rules of Golf in force and the Local Rules decide what relief may be taken, and where.');

/** Relief under penalty in the outside format: nothing is struck, so what belongs to a stroke stands at nought. */
function reliefEntry(relief: OtherCall, rank: number): CallEntry {
  const strokes = rounded(relief.strokes, 2);
  return {
    rank,
    kind: 'relief',
    school: relief.school.id,
    ...NOTHING_STRUCK,
    odds: {
      out: relief.penalty > 1 ? 1 : 0,
      lip: 0,
      green: 0,
      thin: 0,
      fat: 0,
      within_2m: 0,
      expected_strokes: strokes,
      worst_tenth: strokes,
    },
    why: [{ factor: 'penalty', text: sayFact(relief.why), strokes: relief.penalty }],
    attempt: false,
    script: [],
    say: `${techniqueName(relief.school.id)}. ${sayFact(relief.why)}`,
    cautions: [reliefCaution()],
  };
}

/** From so much on, degrees, it is said that an aim allows for where balls start. */
const AIMED_OFF = 0.5;

/** From so far past or short of the flag on it is said that the first call is meant to stop there, m. */
const MEANT_OFF = 1.4;

/** Where the first call is meant to stop, if that is not at the flag. */
function meantWords(first: Told | undefined, units: UnitSystem): string[] {
  if (!first?.struck || first.entry.attempt || first.entry.toward_deg !== 0) return [];
  const { prediction, call } = first.struck;
  const past = prediction.total - call.shot.pin;
  if (Math.abs(past) < MEANT_OFF) return [];
  const far = sayLength(Math.abs(past), 'ground', units);
  return [
    past > 0
      ? t(
          'The first call is meant to stop {far} past the flag: with this player’s misses that costs no more than stopping at it.',
          { far },
        )
      : t(
          'The first call is meant to stop {far} short of the flag: with this player’s misses that costs no more than stopping at it.',
          { far },
        ),
  ];
}

/** Why no technique that is preferred is called first. */
function passedWords({ passed }: Prescription, units: UnitSystem): string[] {
  if (!passed) return [];
  const technique = techniqueName(passed.school.id);
  if (passed.state === 'ruled-out') {
    const reason = ruledOutWords(passed.reason, units);
    return [
      t('Your preferred technique, {technique}, cannot be played here. {reason}', {
        technique,
        reason,
      }),
    ];
  }
  if (passed.state === 'to-learn') {
    return [
      t(
        'The player is not said to know your preferred technique, {technique}: it has to be practised first.',
        { technique },
      ),
    ];
  }
  const { club } = passed;
  return [
    passed.costs < TIE_STROKES
      ? t(
          'Your preferred technique, {technique}, with the {club}, is riskier than the first call.',
          {
            technique,
            club,
          },
        )
      : t(
          'Your preferred technique, {technique}, with the {club}, costs {strokes} strokes more than the first call.',
          { technique, club, strokes: passed.costs.toFixed(2) },
        ),
  ];
}

/** What the sheet says besides the calls. */
function notesOf(
  prescription: Prescription,
  notes: readonly string[],
  { learnt, handed }: Pick<Player, 'learnt' | 'handed'>,
): string[] {
  const said = [...notes];
  if (learnt) {
    said.push(t('Distances and dispersion use {numbers}.', { numbers: learntWords(learnt) }));
    if (Math.abs(learnt.aim_bias_deg) >= AIMED_OFF) {
      said.push(
        t('The aim allows for balls starting {deg}° to the {side}.', {
          deg: plainNumber(Math.abs(learnt.aim_bias_deg)),
          side: learnt.aim_bias_deg > 0 === (handed === 'left') ? t('right') : t('left'),
        }),
      );
    }
  }
  if (prescription.assumedEscape) {
    said.push(
      t('No other escape route entered: one behind the player over a low edge is assumed.'),
    );
  }
  const [atFlag] = prescription.calls.filter(({ toward }) => toward === 0);
  if (atFlag && !holds(atFlag.shot.green)) {
    said.push(
      t(
        'Nothing holds on a green that runs away as steeply as this: whatever lands on it rolls to the bottom. Play for the far side or below the flag, and putt back up.',
      ),
    );
  }
  if (prescription.calls.every(({ kind, attempt }) => kind === 'out-sideways' || attempt)) {
    said.push(
      t(
        'No club in this bag gets this ball out towards the flag, even struck as planned. The best long shot is listed with its odds.',
      ),
    );
  }
  return said;
}

/** The calls of a prescription as they are told, relief where it costs less than the calls behind it. */
export function toldCalls({ calls, relief, golfer }: Prescription, telling: Telling): Told[] {
  const told: Told[] = [];
  const waiting = [...relief];
  const tellRelief = (): void => {
    told.push({ entry: reliefEntry(waiting.shift()!, told.length + 1), struck: null });
  };
  for (const call of calls) {
    while (waiting[0] && waiting[0].strokes < call.score) tellRelief();
    const struck = struckBy(call, golfer);
    told.push({ entry: callEntry(struck, told.length + 1, golfer, telling), struck });
  }
  while (waiting.length > 0) tellRelief();
  return told;
}

/** A technique that the player would have to learn first, as well as it can be played here, and what is said of it. */
function learnEntry(learn: ToLearn, rank: number, golfer: Golfer, telling: Telling) {
  return {
    mastery: learn.mastery,
    saves: rounded(learn.saves, 2),
    text: learnWords(learn, telling.player.skill),
    entry: callEntry(struckBy(learn.call, golfer), rank, golfer, { ...telling, brief: true }),
  };
}

/** A whole prescription in the outside format. */
export function callSheet(
  prescription: Prescription,
  told: readonly Told[],
  telling: Telling,
  extra: { notes: readonly string[]; elapsedMs: number },
) {
  return {
    format: CALL_SHEET_FORMAT,
    version: CALL_SHEET_VERSION,
    calls: told.map(({ entry }) => entry),
    ruled_out: prescription.ruledOut.map((out) => ({
      club: out.club?.name ?? 'any',
      school: out.school.id,
      reason: ruledOutWords(out.reason, telling.units),
    })),
    /** Techniques that the player would have to learn first, what saves most first. */
    worth_learning: prescription.toLearn.map((each, i) =>
      learnEntry(each, told.length + i + 1, prescription.golfer, telling),
    ),
    /** Which clubs do as well as the first, and why that one is called; null where it stands alone, or is relief. */
    tie: prescription.tie && told[0]?.struck ? tieWords(prescription.tie) : null,
    notes: [
      ...meantWords(told[0], telling.units),
      ...passedWords(prescription, telling.units),
      ...notesOf(prescription, extra.notes, telling.player),
    ],
    model: MODEL_VERSION,
    // Which learning the calls were made with, so that a kept sheet says what it knew.
    ...(telling.player.learnt
      ? { learnt: { version: telling.player.learnt.version, balls: telling.player.learnt.balls } }
      : {}),
    seed: telling.seed,
    elapsed_ms: Math.round(extra.elapsedMs),
  };
}

export type CallSheet = ReturnType<typeof callSheet>;
