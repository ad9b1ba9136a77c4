import type { Player } from '@/core/ground/player/player';
import { cautionsFor } from '../script/cautions';
import { plainScript, scriptOf, faceClockFor, type Line } from '../script/script';
import type { UnitSystem } from '@/core/ground/units/system';
import type { OtherCall } from '@/core/search/calls/escape';
import { predict, type Prediction } from '@/core/model/shot/prediction';
import type { Call } from '@/core/search/calls/call';
import type { Prescription } from '@/core/search/calls/prescribe';
import { ruledOutWords } from '../why/ruledOut';
import { reasonsFor } from '../why/why';
import type { Odds } from '@/core/model/shot/odds';
import type { Golfer } from '@/core/model/golfer/golfer';
import { degrees } from '@/core/ground/units/angle';
import { swingClock } from '@/core/ground/units/clock';
import { fromMetres } from '@/core/ground/units/length';

export const CALL_SHEET_FORMAT = 'mellow-divot/call-sheet';
export const CALL_SHEET_VERSION = 1;
export const MODEL_VERSION = '1.0.0';

/** Value rounded to `digits` decimals, never -0. */
export function rounded(value: number, digits: number): number {
  const scale = 10 ** digits;
  return Math.round(value * scale) / scale + 0;
}

const yards = (metres: number): number => rounded(fromMetres(metres, 'yd'), 1);
const metresOf = (metres: number): number => rounded(metres, 2);
const feet = (metres: number): number => rounded(fromMetres(metres, 'ft'), 1);
const rpm = (radiansPerSecond: number): number =>
  Math.round((radiansPerSecond * 30) / Math.PI / 10) * 10;
const share = (p: number): number => rounded(p, 3);

/** Calls whose reasons are measured on the larger sample. */
const MEASURED_WELL = 5;

/** Context that turns a call into what is told of it. */
export interface Telling {
  player: Pick<Player, 'handed' | 'cautions' | 'learnt'>;
  units: UnitSystem;
  seed: number;
}

/** Odds in the outside format. */
export const oddsEntry = (odds: Odds) => ({
  out: share(odds.out),
  lip: share(odds.lip),
  green: share(odds.green),
  thin: share(odds.thin),
  fat: share(odds.fat),
  within_2m: share(odds.within2m),
  expected_strokes: rounded(odds.strokes, 2),
  worst_tenth: rounded(odds.worstTenth, 2),
});

/** A prediction in the outside format. */
export const predictedEntry = (prediction: Prediction) => ({
  carry_yd: yards(prediction.carry),
  run_yd: yards(prediction.run),
  total_yd: yards(prediction.total),
  carry_m: metresOf(prediction.carry),
  run_m: metresOf(prediction.run),
  total_m: metresOf(prediction.total),
  apex_ft: feet(prediction.apex),
  apex_m: metresOf(prediction.apex),
  launch_deg: rounded(degrees(prediction.launch), 1),
  ball_speed_mps: rounded(prediction.ballSpeed, 1),
  spin_rpm: rpm(prediction.spin),
  lip_clearance_ft: prediction.lipClearance === null ? null : feet(prediction.lipClearance),
  loft_effective_deg: rounded(degrees(prediction.effectiveLoft), 1),
  bounce_effective_deg: rounded(degrees(prediction.effectiveBounce), 1),
  divot_mm: rounded(prediction.divot.length * 1000, 0),
  depth_mm: rounded(prediction.divot.depth * 1000, 0),
});

/** A struck call in the outside format. */
export function callEntry(call: Call, rank: number, golfer: Golfer, telling: Telling) {
  const { setup, odds } = call;
  const { player, units, seed } = telling;
  const { handed } = player;
  const prediction = predict(setup, golfer, call.shot, call.meant);
  const script: Line[] = scriptOf(call, prediction.grassCarry, { units, handed });
  // The model's positive is towards the player's side: left for a right-hander.
  const side = handed === 'right' ? -1 : 1;
  return {
    rank,
    kind: call.kind,
    school: call.school.id,
    club: setup.club.name,
    face_deg: rounded(degrees(setup.opening), 0),
    face_clock: faceClockFor(degrees(setup.opening), handed),
    ball_position: rounded(Math.min(100, setup.ballPosition), 0),
    stance_width: rounded(setup.stanceWidth, 2),
    stance_open_deg: rounded(degrees(setup.stanceOpen), 0),
    aim_deg: rounded(side * degrees(call.aim), 1),
    toward_deg: rounded(-side * degrees(call.toward), 0),
    dig_mm: rounded(setup.dig * 1000, 0),
    grip_down_in: rounded(fromMetres(setup.gripDown, 'in'), 2),
    handle_lower_deg: rounded(degrees(setup.handleLowered), 1),
    shaft_lean_deg: rounded(degrees(setup.shaftLean), 1),
    weight_lead: rounded(setup.weightLead, 2),
    entry_in: rounded(fromMetres(setup.entry, 'in'), 2),
    attack_deg: rounded(-degrees(prediction.attack), 1),
    swing_clock: swingClock(setup.fraction),
    swing_fraction: rounded(setup.fraction, 3),
    grass_swing_yd: rounded(fromMetres(prediction.grassCarry, 'yd'), 0),
    finish: call.school.finish,
    predicted: predictedEntry(prediction),
    odds: oddsEntry(odds),
    why: reasonsFor(call, prediction, golfer, units, seed, rank > MEASURED_WELL),
    script,
    say: plainScript(script),
    cautions: cautionsFor(call, player.cautions ?? []),
  };
}

export type CallEntry = ReturnType<typeof callEntry>;

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

const RELIEF_CAUTION =
  'The Rules of Golf in force and the Local Rules decide what relief may be taken, and where.';

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
    why: [{ factor: 'penalty', text: relief.why, strokes: relief.penalty }],
    script: [],
    say: `${relief.school.name}. ${relief.why}`,
    cautions: [RELIEF_CAUTION],
  };
}

/** What the sheet says besides the calls. */
function notesOf(
  prescription: Prescription,
  notes: readonly string[],
  learnt: Player['learnt'],
): string[] {
  const said = [...notes];
  if (learnt) {
    said.push(
      `Distances and spreads use what ${learnt.balls} logged balls taught of this player, version ${learnt.version}.`,
    );
  }
  const { tie } = prescription;
  if (tie) {
    said.push(
      `The first two calls are a tie: ${rounded(tie.difference, 3)} strokes apart, standard error ${rounded(tie.standardError, 3)}; the plainer set-up goes first.`,
    );
  }
  if (prescription.assumedEscape) {
    said.push('No other way out was read: one behind the player with a low edge is assumed.');
  }
  if (!prescription.calls.some(({ kind }) => kind !== 'out-sideways')) {
    said.push('Nothing in this bag gets this ball out at the flag.');
  }
  return said;
}

/** A whole prescription in the outside format. */
export function callSheet(
  prescription: Prescription,
  telling: Telling,
  extra: { notes: readonly string[]; elapsedMs: number },
) {
  const { calls, relief, golfer } = prescription;
  const entries: CallEntry[] = [];
  const waiting = [...relief];
  const nextRank = (): number => entries.length + 1;
  for (const call of calls) {
    while (waiting[0] && waiting[0].strokes < call.score) {
      entries.push(reliefEntry(waiting.shift()!, nextRank()));
    }
    entries.push(callEntry(call, nextRank(), golfer, telling));
  }
  for (const each of waiting) entries.push(reliefEntry(each, nextRank()));
  return {
    format: CALL_SHEET_FORMAT,
    version: CALL_SHEET_VERSION,
    calls: entries,
    ruled_out: prescription.ruledOut.map((out) => ({
      club: out.club?.name ?? 'any',
      school: out.school.id,
      reason: ruledOutWords(out.reason, telling.units),
    })),
    notes: notesOf(prescription, extra.notes, telling.player.learnt),
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
