import { toldIn } from '@/core/ground/language/told';
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
  /** As a question to the eye: "Is the weight on the trail foot at impact?" */
  look: string;
}

/** A cause of bad bunker shots: what it does, how it is seen, and what is done about it; drills say themselves what they cure. */
export interface Cause {
  id: string;
  name: string;
  effect: Effect;
  /** Signs that a coach sees when this is the cause. */
  signs: readonly string[];
  fix: string;
  /** How common it is among players who come for help; relative. */
  common: number;
}

/* Faults as swings. Strengths are tuned so that each shows what coaches describe. */

export const SIGNS: readonly Sign[] = toldIn(
  ['look'],
  [
    { id: 'weight-back', look: 'Is the weight on the trail foot as the club goes through?' },
    { id: 'rises', look: 'Do the head and chest rise before the ball has gone?' },
    { id: 'slows', look: 'Does the club slow down into the sand, with the finish cut short?' },
    { id: 'short-swing', look: 'Is the backswing shorter than the call?' },
    { id: 'ball-back', look: 'Is the ball further back in the stance than the call?' },
    { id: 'ball-forward', look: 'Is the ball further forward than the call?' },
    {
      id: 'face-closed',
      look: 'Is the face more closed at address or turned over through the sand?',
    },
    { id: 'face-laid', look: 'Is the face more open than the call?' },
    { id: 'hands-ahead', look: 'Do the hands lead far ahead of the ball at address?' },
    { id: 'sways', look: 'Do the knees and hips slide along the line?' },
    {
      id: 'steep',
      look: 'Does the club come down steeply and stop in the sand?',
    },
    { id: 'flat', look: 'Does the club come in flat, brushing or skipping along the sand?' },
    { id: 'feet-loose', look: 'Do the feet slip or turn in the sand?' },
    {
      id: 'aims-lead',
      look: 'Do the feet and shoulders aim further to the lead side than the call?',
    },
    { id: 'aims-trail', look: 'Do the feet and shoulders aim to the trail side of the call?' },
    { id: 'quick', look: 'Is the swing quicker or longer than the call?' },
  ],
);

export const CAUSES: readonly Cause[] = toldIn(
  ['name', 'fix'],
  [
    {
      id: 'hangs-back',
      name: 'weight hangs back',
      // Heavy far behind or thin: the low point hangs back and the arc rises with the chest.
      effect: {
        shift: { mark: 0.036, height: -0.003, attack: radians(-0.5) },
        wider: { mark: 1.4, height: 1.7 },
      },
      signs: ['weight-back', 'rises'],
      fix: 'Weight forward before the swing, and leave it there.',
      common: 1.5,
    },
    {
      id: 'decelerates',
      name: 'slows down into the sand',
      effect: { shift: { speed: 0.76 }, wider: { speed: 1.7 } },
      signs: ['slows'],
      fix: 'Longer swing, same tempo, through to the finish.',
      common: 1.5,
    },
    {
      id: 'swing-too-small',
      name: 'swing too short for the shot',
      effect: { shift: { speed: 0.84 } },
      signs: ['short-swing'],
      fix: 'Lead arm to the clock in the call: the swing you would make for that pitch.',
      common: 1.2,
    },
    {
      id: 'ball-too-far-back',
      name: 'ball too far back',
      // Entered too near, steep, with less loft and sole than was meant.
      effect: { shift: { mark: -0.02, height: 0.002, attack: radians(2.5), face: radians(-6) } },
      signs: ['ball-back'],
      fix: 'Move the ball forward to the position in the call.',
      common: 1,
    },
    {
      id: 'ball-too-far-forward',
      name: 'ball too far forward for the weight',
      effect: { shift: { mark: 0.024 } },
      signs: ['ball-forward'],
      fix: 'Ball back a little, or more weight on the lead foot.',
      common: 1,
    },
    {
      id: 'edge-digs',
      name: 'face closed, hands ahead: the leading edge digs',
      effect: { shift: { face: radians(-12) } },
      signs: ['face-closed', 'hands-ahead'],
      fix: 'Open the face first, then take your grip; handle back to the middle.',
      common: 1.2,
    },
    {
      id: 'face-too-open',
      name: 'face laid open past the call',
      effect: { shift: { face: radians(13) } },
      signs: ['face-laid'],
      fix: 'Face back to the clock in the call.',
      common: 0.7,
    },
    {
      id: 'afraid-of-sand',
      name: 'too little sand: rises off the shot',
      effect: { shift: { mark: -0.016, height: -0.007 } },
      signs: ['rises'],
      fix: 'Stay down; cut the tee under the ball.',
      common: 1.2,
    },
    {
      id: 'too-steep',
      name: 'comes down too steeply',
      // A short, deep mark: the sole has no time to turn the head up again.
      effect: { shift: { attack: radians(6), height: 0.003 } },
      signs: ['steep'],
      fix: 'Wider and lower back, weight even, sole along the sand.',
      common: 1,
    },
    {
      id: 'too-shallow',
      name: 'comes in too shallow',
      effect: { shift: { attack: radians(-6), height: -0.001 } },
      signs: ['flat'],
      fix: 'Hinge earlier, a little more weight forward, cut under the ball.',
      common: 0.8,
    },
    {
      id: 'body-slides',
      name: 'lower body slides',
      effect: { shift: {}, wider: { mark: 2.3 } },
      signs: ['sways'],
      fix: 'Quiet legs, knees stay over the feet.',
      common: 1,
    },
    {
      id: 'feet-not-set',
      name: 'feet not dug in',
      effect: { shift: {}, wider: { height: 2.4 } },
      signs: ['feet-loose'],
      fix: 'Dig the feet in until they stop moving.',
      common: 0.8,
    },
    {
      id: 'aims-to-the-lead-side',
      name: 'aimed to the lead side',
      effect: { shift: { aim: radians(7) } },
      signs: ['aims-lead'],
      fix: 'Feet to the aim of the call; swing along them.',
      common: 0.8,
    },
    {
      id: 'aims-to-the-trail-side',
      name: 'aimed to the trail side',
      effect: { shift: { aim: radians(-7) } },
      signs: ['aims-trail'],
      fix: 'Open feet and shoulders to the aim of the call.',
      common: 0.8,
    },
    {
      id: 'too-quick',
      name: 'swing too long or too quick for the shot',
      effect: { shift: { speed: 1.17 } },
      signs: ['quick'],
      fix: 'Lead arm to the clock of the call, finish as far through as back.',
      common: 0.8,
    },
  ],
);

/** Nothing beyond what a player of this skill does anyway: most players who are looked at closely have no fault that balls can show. */
export const NOTHING: Cause = toldIn(['name', 'fix'], {
  id: 'nothing',
  name: 'nothing unusual',
  effect: { shift: {} },
  signs: [],
  fix: 'Normal misses for this level: keep going.',
  common: 6,
});

/** Something that is none of the causes above; what it does is drawn at random. */
export const SOMETHING_ELSE: Cause = toldIn(['name', 'fix'], {
  id: 'something-else',
  name: 'something else',
  effect: { shift: {} },
  signs: [],
  fix: 'Look at the whole swing before changing anything.',
  common: 1.5,
});

/** Everything that may be at work. */
export const AT_WORK: readonly Cause[] = [NOTHING, SOMETHING_ELSE, ...CAUSES];

/** What is not a fault to be mended. */
export const NO_FAULT: ReadonlySet<string> = new Set([NOTHING.id, SOMETHING_ELSE.id]);
