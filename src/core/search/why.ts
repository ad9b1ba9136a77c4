import { HABITS } from '../spread/habits';
import { effortFactor } from '../spread/effort';
import { chanceWords, distanceWords } from '../script/words';
import type { UnitSystem } from '../units/system';
import { finishOf } from '../shot/finish';
import type { Golfer } from '../shot/odds';
import type { Shot } from '../shot/shot';
import { AS_MEANT, strike } from '../shot/strike';
import { degrees } from '../units/angle';
import { fromMetres } from '../units/length';
import type { Prediction } from './prediction';
import type { Call } from './prescribe';

/** One reason, with its weight in strokes for the order. */
export interface Reason {
  factor: string;
  text: string;
}

function heightWords(metres: number, units: UnitSystem): string {
  return units === 'metres'
    ? `${metres.toFixed(1)} m`
    : `${fromMetres(metres, 'ft').toFixed(1)} ft`;
}

/** Carry of the player's own usual heavy miss (one standard deviation further back and deeper), m. */
function heavyCarry(call: Call, golfer: Golfer, shot: Shot): number {
  const habits = HABITS[golfer.skill];
  const effort = effortFactor(call.setup.fraction);
  const error = { ...AS_MEANT, mark: habits.mark * effort, height: habits.height * effort };
  const { launch } = strike(call.setup, error, golfer.headSpeed, shot.sand, shot.burial);
  return finishOf(launch, call.aim, shot).carry;
}

/** Why a call stands where it does, from what the model computed for it. */
export function reasonsFor(
  call: Call,
  prediction: Prediction,
  golfer: Golfer,
  shot: Shot,
  units: UnitSystem,
): Reason[] {
  const reasons: Reason[] = [];
  const { odds } = call;
  if (shot.lip.height > 0) {
    const asks = degrees(Math.atan2(shot.lip.height, shot.lip.distance));
    const clear = prediction.lipClearance ?? 0;
    reasons.push({
      factor: 'lip',
      text: `The lip asks for ${asks.toFixed(0)}°; this starts at ${degrees(prediction.launch).toFixed(0)}° and clears it by ${heightWords(clear, units)}. Out ${chanceWords(odds.out)}.`,
    });
  }
  const heavy = heavyCarry(call, golfer, shot);
  const kept = Math.round((100 * heavy) / prediction.carry);
  reasons.push({
    factor: 'sand',
    text: `${degrees(call.setup.club.bounce).toFixed(0)}° of bounce becomes ${degrees(prediction.effectiveBounce).toFixed(0)}° at work: the usual heavy miss still carries ${distanceWords(heavy, units)}, ${kept}\u00a0% of what is meant.`,
  });
  reasons.push({
    factor: 'distance',
    text: `${distanceWords(prediction.carry, units)} of carry takes ${Math.round(100 * call.setup.fraction)}\u00a0% of a full swing's speed, then ${distanceWords(prediction.run, units)} of run.`,
  });
  if (odds.thin >= 0.05) {
    reasons.push({
      factor: 'thin',
      text: `Thin ${chanceWords(odds.thin)}: nobody ahead of the player.`,
    });
  }
  return reasons;
}
