import type { Cause, Sign } from '@/core/lesson/faults/causes';
import { told } from '../language/told';

/** Signs as questions to the eye: "Is the weight on the trail foot at impact?" */
const LOOKS: Readonly<Record<string, string>> = told({
  'weight-back': 'Is the weight on the trail foot as the club goes through?',
  rises: 'Do the head and chest rise before the ball has gone?',
  slows: 'Does the club slow down into the sand, with the finish cut short?',
  'short-swing': 'Is the backswing shorter than the call?',
  'ball-back': 'Is the ball further back in the stance than the call?',
  'ball-forward': 'Is the ball further forward than the call?',
  'face-closed': 'Is the face more closed at address or turned over through the sand?',
  'face-laid': 'Is the face more open than the call?',
  'hands-ahead': 'Do the hands lead far ahead of the ball at address?',
  sways: 'Do the knees and hips slide along the line?',
  steep: 'Does the club come down steeply and stop in the sand?',
  flat: 'Does the club come in flat, brushing or skipping along the sand?',
  'feet-loose': 'Do the feet slip or turn in the sand?',
  'aims-lead': 'Do the feet and shoulders aim further to the lead side than the call?',
  'aims-trail': 'Do the feet and shoulders aim to the trail side of the call?',
  quick: 'Is the swing quicker or longer than the call?',
});

/** Causes by name, and what is done about each. */
const CAUSES: Readonly<Record<string, { name: string; fix: string }>> = told({
  nothing: { name: 'nothing unusual', fix: 'Normal misses for this level: keep going.' },
  'something-else': {
    name: 'something else',
    fix: 'Look at the whole swing before changing anything.',
  },
  'hangs-back': {
    name: 'weight hangs back',
    fix: 'Weight forward before the swing, and leave it there.',
  },
  decelerates: {
    name: 'slows down into the sand',
    fix: 'Longer swing, same tempo, through to the finish.',
  },
  'swing-too-small': {
    name: 'swing too short for the shot',
    fix: 'Lead arm to the clock in the call: the swing you would make for that pitch.',
  },
  'ball-too-far-back': {
    name: 'ball too far back',
    fix: 'Move the ball forward to the position in the call.',
  },
  'ball-too-far-forward': {
    name: 'ball too far forward for the weight',
    fix: 'Ball back a little, or more weight on the lead foot.',
  },
  'edge-digs': {
    name: 'face closed, hands ahead: the leading edge digs',
    fix: 'Open the face first, then take your grip; handle back to the middle.',
  },
  'face-too-open': {
    name: 'face laid open past the call',
    fix: 'Face back to the clock in the call.',
  },
  'afraid-of-sand': {
    name: 'too little sand: rises off the shot',
    fix: 'Stay down; cut the tee under the ball.',
  },
  'too-steep': {
    name: 'comes down too steeply',
    fix: 'Wider and lower back, weight even, sole along the sand.',
  },
  'too-shallow': {
    name: 'comes in too shallow',
    fix: 'Hinge earlier, a little more weight forward, cut under the ball.',
  },
  'body-slides': { name: 'lower body slides', fix: 'Quiet legs, knees stay over the feet.' },
  'feet-not-set': { name: 'feet not dug in', fix: 'Dig the feet in until they stop moving.' },
  'aims-to-the-lead-side': {
    name: 'aimed to the lead side',
    fix: 'Feet to the aim of the call; swing along them.',
  },
  'aims-to-the-trail-side': {
    name: 'aimed to the trail side',
    fix: 'Open feet and shoulders to the aim of the call.',
  },
  'too-quick': {
    name: 'swing too long or too quick for the shot',
    fix: 'Lead arm to the clock of the call, finish as far through as back.',
  },
});

/** The question that a sign is looked for with. */
export const lookWords = ({ id }: Pick<Sign, 'id'>): string => LOOKS[id] ?? id;

/** What a cause is called. */
export const causeName = ({ id }: Pick<Cause, 'id'>): string => CAUSES[id]?.name ?? id;

/** What is done about a cause. */
export const fixWords = ({ id }: Pick<Cause, 'id'>): string => CAUSES[id]?.fix ?? '';
