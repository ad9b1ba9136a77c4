import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import type { Odds } from '@/core/model/odds/odds';
import type { Prediction } from '@/core/model/shot/prediction';
import { rounded } from '../check/rounded';

const yards = (metres: number): number => rounded(fromMetres(metres, 'yd'), 1);
const metresOf = (metres: number): number => rounded(metres, 2);
const feet = (metres: number): number => rounded(fromMetres(metres, 'ft'), 1);
const rpm = (radiansPerSecond: number): number =>
  Math.round((radiansPerSecond * 30) / Math.PI / 10) * 10;
const share = (p: number): number => rounded(p, 3);

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
