import type { Hand } from '../player/player';
import { plainScript, scriptOf, faceClockFor, type Line } from '../script/script';
import type { UnitSystem } from '../units/system';
import { predict } from '../search/prediction';
import type { Call, Prescription } from '../search/prescribe';
import { ruledOutWords } from '../search/ruledOut';
import { reasonsFor } from '../search/why';
import type { Shot } from '../shot/shot';
import { degrees } from '../units/angle';
import { swingClock } from '../units/clock';
import { fromMetres } from '../units/length';

export const CALL_SHEET_FORMAT = 'mellow-divot/call-sheet';
export const CALL_SHEET_VERSION = 1;
export const MODEL_VERSION = '0.1.0';

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

/** Context that turns a call into what is told of it. */
export interface Telling {
  shot: Shot;
  handed: Hand;
  units: UnitSystem;
}

/** A call in the outside format. */
export function callEntry(call: Call, rank: number, prescription: Prescription, telling: Telling) {
  const { setup, odds } = call;
  const { shot, handed, units } = telling;
  const prediction = predict(setup, prescription.golfer, shot, call.meant);
  const script: Line[] = scriptOf(call, prediction.grassCarry, { units, handed });
  // The model's positive is towards the player's side: left for a right-hander.
  const side = handed === 'right' ? -1 : 1;
  return {
    rank,
    kind: call.school.kind,
    school: call.school.id,
    club: setup.club.name,
    face_deg: rounded(degrees(setup.opening), 0),
    face_clock: faceClockFor(degrees(setup.opening), handed),
    ball_position: rounded(setup.ballPosition, 0),
    stance_width: rounded(setup.stanceWidth, 2),
    stance_open_deg: rounded(degrees(setup.stanceOpen), 0),
    aim_deg: rounded(side * degrees(call.aim), 1),
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
    finish: 'full' as const,
    predicted: {
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
    },
    odds: {
      out: share(odds.out),
      lip: share(odds.lip),
      green: share(odds.green),
      thin: share(odds.thin),
      fat: share(odds.fat),
      within_2m: share(odds.within2m),
      expected_strokes: rounded(odds.strokes, 2),
      worst_tenth: rounded(odds.worstTenth, 2),
    },
    why: reasonsFor(call, prediction, prescription.golfer, shot, units),
    script,
    say: plainScript(script),
    cautions: cautionsFor(call),
  };
}

/** Care that belongs to the stroke itself. */
function cautionsFor(call: Call): string[] {
  const cautions = [
    'Thin ones leave fast and flat: nobody ahead of the player or level with the ball.',
  ];
  if (call.setup.fraction > 0.9) {
    cautions.push('Close to a full swing in sand: start at half effort, few repetitions.');
  }
  return cautions;
}

/** A whole prescription in the outside format. */
export function callSheet(
  prescription: Prescription,
  telling: Telling,
  extra: { notes: readonly string[]; seed: number; elapsedMs: number },
) {
  const notes = [...extra.notes];
  if (prescription.tie) {
    notes.push(
      `The first two calls are a tie: ${rounded(prescription.tie.difference, 3)} strokes apart, standard error ${rounded(prescription.tie.standardError, 3)}; the plainer set-up goes first.`,
    );
  }
  if (prescription.calls.length === 0) {
    notes.push('No wedge in this bag gets this ball out in this direction: look for a lower way.');
  }
  return {
    format: CALL_SHEET_FORMAT,
    version: CALL_SHEET_VERSION,
    calls: prescription.calls.map((call, i) => callEntry(call, i + 1, prescription, telling)),
    ruled_out: prescription.ruledOut.map((out) => ({
      club: out.club.name,
      school: out.school.id,
      reason: ruledOutWords(out, telling.units),
    })),
    notes,
    model: MODEL_VERSION,
    seed: extra.seed,
    elapsed_ms: Math.round(extra.elapsedMs),
  };
}

export type CallSheet = ReturnType<typeof callSheet>;
export type CallEntry = CallSheet['calls'][number];
