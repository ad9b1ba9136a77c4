import type { Hand } from '../player/player';
import type { Call } from '../search/prescribe';
import { degrees } from '../units/angle';
import { faceClock, swingClock } from '../units/clock';
import { clockWords, distanceWords, shortLengthWords, tenthsWords } from './words';
import type { UnitSystem } from '../units/system';

/** Steps of the script in the order in which they are done. */
export const STEPS = ['face', 'grip', 'feet', 'ball', 'weight', 'mark', 'swing', 'finish'] as const;
export type Step = (typeof STEPS)[number];

/** One sentence to read out; phrases between asterisks are the ones to stress. */
export interface Line {
  step: Step;
  text: string;
}

/** Who it is said to. */
export interface Voice {
  units: UnitSystem;
  handed: Hand;
}

/** The face's clock as this player sees it from above: mirrored for a left-hander. */
export function faceClockFor(faceDeg: number, handed: Hand): string {
  return faceClock(handed === 'right' ? faceDeg : -faceDeg);
}

function faceLine(faceDeg: number, handed: Hand): string {
  if (Math.abs(faceDeg) < 2.5) return 'Leave the face *square*.';
  const hour = clockWords(faceClockFor(faceDeg, handed));
  return `${faceDeg > 0 ? 'Open' : 'Close'} the face to *${hour}*.`;
}

function gripLine(faceDeg: number, gripDown: number, units: UnitSystem): string {
  const hold = Math.abs(faceDeg) < 2.5 ? 'Take your hold' : 'Only then take your hold';
  if (gripDown < 0.005) return `${hold}.`;
  return `${hold}, *${shortLengthWords(gripDown, units)} down* the grip.`;
}

function widthWords(width: number): string {
  if (width < 0.95) return 'narrower than your shoulders';
  if (width < 1.1) return 'as wide as your shoulders';
  if (width < 1.3) return 'a little wider than your shoulders';
  return 'well wider than your shoulders';
}

function feetLine(call: Call, voice: Voice): string {
  const { setup } = call;
  const dug =
    setup.dig < 0.005
      ? 'on top of the sand'
      : `settled in ${shortLengthWords(setup.dig, voice.units)}`;
  const open = Math.round(degrees(setup.stanceOpen));
  const lead = voice.handed === 'right' ? 'left' : 'right';
  const line =
    open < 4 ? 'along the line to the flag' : `*${open}° open*, so to the ${lead} of the flag`;
  const swing = call.school.feetWithPath === 1 && open >= 4 ? '; swing along your feet' : '';
  return `Feet ${widthWords(setup.stanceWidth)}, ${dug}, ${line}${swing}.`;
}

/** Where the ball lies between the feet, in words. */
export function ballWords(position: number): string {
  if (position >= 92) return 'off the lead heel';
  if (position >= 78) return 'just inside the lead heel';
  if (position >= 64) return 'a hand inside the lead heel';
  if (position >= 56) return 'just ahead of the middle';
  if (position >= 44) return 'in the middle';
  if (position >= 30) return 'behind the middle';
  return 'towards the trail foot';
}

function markLine(entry: number, units: UnitSystem): string {
  return `Enter the sand *${shortLengthWords(entry, units)} behind* the ball, and come out as far in front.`;
}

/**
 * The sentences that a coach would say, in the order of the work.
 *
 * @param call the call
 * @param grassCarry carry of the same swing from grass, m
 */
export function scriptOf(call: Call, grassCarry: number, voice: Voice): Line[] {
  const { setup } = call;
  const faceDeg = degrees(setup.opening);
  const handle = degrees(setup.handleLowered) >= 6 ? ', hands low' : '';
  const back = clockWords(swingClock(setup.fraction));
  return [
    { step: 'face', text: faceLine(faceDeg, voice.handed) },
    { step: 'grip', text: gripLine(faceDeg, setup.gripDown, voice.units) },
    { step: 'feet', text: feetLine(call, voice) },
    { step: 'ball', text: `Ball *${ballWords(setup.ballPosition)}*${handle}.` },
    {
      step: 'weight',
      text: `*${capital(tenthsWords(setup.weightLead))}* of your weight on the lead foot, and leave it there.`,
    },
    { step: 'mark', text: markLine(setup.entry, voice.units) },
    {
      step: 'swing',
      text:
        setup.fraction > 0.97
          ? 'A *full swing*, all that you have in balance.'
          : `Lead arm back to *${back}*: the swing that flies *${distanceWords(grassCarry, voice.units)}* from grass.`,
    },
    { step: 'finish', text: 'Swing through to a *full finish*; do not slow down for the sand.' },
  ];
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The script as one plain paragraph, without stress marks. */
export const plainScript = (lines: readonly Line[]): string =>
  lines.map(({ text }) => text.replaceAll('*', '')).join(' ');
