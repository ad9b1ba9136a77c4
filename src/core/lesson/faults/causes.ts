import { radians } from '@/core/ground/units/angle';
import type { SwingError } from '@/core/model/swing/swingError';

/** What a cause does to a swing at its usual strength: means moved and spreads widened. */
export interface Effect {
  /** Added to each swing's errors; speed is a factor. */
  shift: Partial<SwingError>;
  /** Factors on the spread of mark, height and speed. */
  wider?: Partial<Record<'mark' | 'height' | 'speed', number>>;
}

/** Something that a coach can look at and tick. */
export interface Sign {
  id: string;
}

/** A cause of bad bunker shots: what it does, how it is seen, and what is done about it; drills say themselves what they cure. */
export interface Cause {
  id: string;
  effect: Effect;
  /** Signs that a coach sees when this is the cause. */
  signs: readonly string[];
  /** How common it is among players who come for help; relative. */
  common: number;
}

/* Faults as swings. Strengths are tuned so that each shows what coaches describe. */

export const SIGNS: readonly Sign[] = [
  { id: 'weight-back' },
  { id: 'rises' },
  { id: 'slows' },
  { id: 'short-swing' },
  { id: 'ball-back' },
  { id: 'ball-forward' },
  { id: 'face-closed' },
  { id: 'face-laid' },
  { id: 'hands-ahead' },
  { id: 'sways' },
  { id: 'steep' },
  { id: 'flat' },
  { id: 'feet-loose' },
  { id: 'aims-lead' },
  { id: 'aims-trail' },
  { id: 'quick' },
];

export const CAUSES: readonly Cause[] = [
  {
    id: 'hangs-back',
    // Heavy far behind or thin: the low point hangs back and the arc rises with the chest.
    effect: {
      shift: { mark: 0.036, height: -0.003, attack: radians(-0.5) },
      wider: { mark: 1.4, height: 1.7 },
    },
    signs: ['weight-back', 'rises'],
    common: 1.5,
  },
  {
    id: 'decelerates',
    effect: { shift: { speed: 0.76 }, wider: { speed: 1.7 } },
    signs: ['slows'],
    common: 1.5,
  },
  {
    id: 'swing-too-small',
    effect: { shift: { speed: 0.84 } },
    signs: ['short-swing'],
    common: 1.2,
  },
  {
    id: 'ball-too-far-back',
    // Entered too near, steep, with less loft and sole than was meant.
    effect: { shift: { mark: -0.02, height: 0.002, attack: radians(2.5), face: radians(-6) } },
    signs: ['ball-back'],
    common: 1,
  },
  {
    id: 'ball-too-far-forward',
    effect: { shift: { mark: 0.024 } },
    signs: ['ball-forward'],
    common: 1,
  },
  {
    id: 'edge-digs',
    effect: { shift: { face: radians(-12) } },
    signs: ['face-closed', 'hands-ahead'],
    common: 1.2,
  },
  {
    id: 'face-too-open',
    effect: { shift: { face: radians(13) } },
    signs: ['face-laid'],
    common: 0.7,
  },
  {
    id: 'afraid-of-sand',
    effect: { shift: { mark: -0.016, height: -0.007 } },
    signs: ['rises'],
    common: 1.2,
  },
  {
    id: 'too-steep',
    // A short, deep mark: the sole has no time to turn the head up again.
    effect: { shift: { attack: radians(6), height: 0.003 } },
    signs: ['steep'],
    common: 1,
  },
  {
    id: 'too-shallow',
    effect: { shift: { attack: radians(-6), height: -0.001 } },
    signs: ['flat'],
    common: 0.8,
  },
  { id: 'body-slides', effect: { shift: {}, wider: { mark: 2.3 } }, signs: ['sways'], common: 1 },
  {
    id: 'feet-not-set',
    effect: { shift: {}, wider: { height: 2.4 } },
    signs: ['feet-loose'],
    common: 0.8,
  },
  {
    id: 'aims-to-the-lead-side',
    effect: { shift: { aim: radians(7) } },
    signs: ['aims-lead'],
    common: 0.8,
  },
  {
    id: 'aims-to-the-trail-side',
    effect: { shift: { aim: radians(-7) } },
    signs: ['aims-trail'],
    common: 0.8,
  },
  { id: 'too-quick', effect: { shift: { speed: 1.17 } }, signs: ['quick'], common: 0.8 },
];

/** Nothing beyond what a player of this skill does anyway: most players who are looked at closely have no fault that balls can show. */
export const NOTHING: Cause = {
  id: 'nothing',
  effect: { shift: {} },
  signs: [],
  common: 6,
};

/** Something that is none of the causes above; what it does is drawn at random. */
export const SOMETHING_ELSE: Cause = {
  id: 'something-else',
  effect: { shift: {} },
  signs: [],
  common: 1.5,
};

/** Everything that may be at work. */
export const AT_WORK: readonly Cause[] = [NOTHING, SOMETHING_ELSE, ...CAUSES];

/** What is not a fault to be mended. */
export const NO_FAULT: ReadonlySet<string> = new Set([NOTHING.id, SOMETHING_ELSE.id]);
