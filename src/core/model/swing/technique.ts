import { radians } from '@/core/ground/units/angle';

export const TECHNIQUES = [
  'splash',
  'slid',
  'shallow',
  'thud',
  'steep',
  'chop',
  'heel',
  'pick',
  'hit',
  'chip',
  'putt',
] as const;
/** The way the head is sent at the ball; each has its own low point, natural set-up and footing. */
export type TechniqueName = (typeof TECHNIQUES)[number];

/** How a technique moves the swing's low point, and how sure its footing is; lengths in m, angles in radians. */
export interface Technique {
  /** Attack at the sand for the usual ball position. */
  attack: number;
  /** Low point ahead of the lead heel at the usual weight. */
  lowPoint: number;
  /** Share of the weight on the lead foot for which `lowPoint` holds. */
  weightLead: number;
  /** Depth that the feet are settled for which the arc is right. */
  dig: number;
  /**
   * Factor on the spread of mark and height against a settled splash. A pick or a chip is the swing that is practised
   * every day, with quiet legs; a chop is nobody's. Tuned to plausible rates of fat and thin.
   */
  footing: number;
}

/**
 * Tuned so that the ball positions which follow for the usual marks are those that coaches teach: a splash
 * entered 4 cm behind the ball at 11.5 degrees is played about one hand inside the lead heel, a plugged ball
 * behind the middle, a picked one near the middle.
 */
export const TECHNIQUE: Record<TechniqueName, Technique> = {
  splash: { attack: radians(11.5), lowPoint: 0.05, weightLead: 0.62, dig: 0.02, footing: 1 },
  slid: { attack: radians(9), lowPoint: 0.12, weightLead: 0.58, dig: 0.02, footing: 1.1 },
  shallow: { attack: radians(9), lowPoint: -0.07, weightLead: 0.62, dig: 0.012, footing: 1 },
  thud: { attack: radians(8), lowPoint: -0.04, weightLead: 0.62, dig: 0.005, footing: 0.95 },
  steep: { attack: radians(18), lowPoint: 0.01, weightLead: 0.7, dig: 0.025, footing: 1.1 },
  chop: { attack: radians(25), lowPoint: 0.14, weightLead: 0.7, dig: 0.025, footing: 1.2 },
  heel: { attack: radians(17), lowPoint: 0.2, weightLead: 0.66, dig: 0.025, footing: 1.25 },
  pick: { attack: radians(4.5), lowPoint: -0.114, weightLead: 0.53, dig: 0, footing: 1.1 },
  hit: { attack: radians(8), lowPoint: -0.1, weightLead: 0.62, dig: 0.005, footing: 1 },
  chip: { attack: radians(5), lowPoint: -0.085, weightLead: 0.62, dig: 0, footing: 0.85 },
  putt: { attack: radians(0.5), lowPoint: 0, weightLead: 0.55, dig: 0, footing: 1 },
};

/** Metres by which the low point moves to the target as all of the weight moves from trail to lead foot. Tuned. */
const LOW_POINT_PER_WEIGHT = 0.4;

/** Distance between the heels of a stance as wide as the shoulders, m. Tuned to an adult's shoulder width. */
export const SHOULDER_WIDTH = 0.4;

/** Low point ahead of the ball, m, for a stance and ball position (0 trail heel to 100 lead heel). */
export function lowPointAheadOfBall(
  technique: Technique,
  ballPosition: number,
  stanceWidth: number,
  weightLead: number,
): number {
  return (
    (1 - ballPosition / 100) * stanceWidth * SHOULDER_WIDTH +
    technique.lowPoint +
    LOW_POINT_PER_WEIGHT * (weightLead - technique.weightLead)
  );
}

/** Inverse of {@link lowPointAheadOfBall} in the ball position, not yet kept within the feet. */
export function ballPositionFor(
  technique: Technique,
  lowPoint: number,
  stanceWidth: number,
  weightLead: number,
): number {
  const rest =
    lowPoint - technique.lowPoint - LOW_POINT_PER_WEIGHT * (weightLead - technique.weightLead);
  return 100 * (1 - rest / (stanceWidth * SHOULDER_WIDTH));
}
