import { capital } from '../words/capital';
import type { Hand } from '@/core/ground/player/player';
import type { Call } from '@/core/search/calls/call';
import type { Setup } from '@/core/model/swing/setup';
import { degrees } from '@/core/ground/units/angle';
import { faceClock, swingClock } from '@/core/ground/units/clock';
import {
  clockWords,
  distanceWords,
  pitchWords,
  shortLengthWords,
  weightWords,
} from '../words/words';
import type { UnitSystem } from '@/core/ground/units/system';

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
  const hold = Math.abs(faceDeg) < 2.5 ? 'Take your grip' : 'Then take your grip';
  if (gripDown < 0.005) return `${hold}.`;
  return `${hold}, gripping down *${shortLengthWords(gripDown, units)}*.`;
}

function widthWords(width: number): string {
  if (width < 0.95) return 'narrower than your shoulders';
  if (width < 1.1) return 'as wide as your shoulders';
  if (width < 1.3) return 'a little wider than your shoulders';
  return 'well wider than your shoulders';
}

/** Where a ball that is not played at the flag goes instead. */
export function wayWords(call: Pick<Call, 'toward'>, handed: Hand): string {
  const deg = Math.round(degrees(call.toward));
  const turn = (((deg % 360) + 540) % 360) - 180;
  if (Math.abs(turn) >= 165) return 'Straight back, away from the flag';
  const right = turn > 0 === (handed === 'right');
  return `${Math.abs(turn)}° to the ${right ? 'right' : 'left'} of the flag`;
}

/** Which way the feet point, as the player sees it. */
function feetDirection(call: Call, handed: Hand): string {
  const open = Math.round(degrees(call.setup.stanceOpen));
  if (Math.abs(open) < 4) {
    return call.kind === 'out-sideways' ? 'along the way out' : 'along the line to the flag';
  }
  const lead = handed === 'right' ? 'left' : 'right';
  const trail = handed === 'right' ? 'right' : 'left';
  const target = call.kind === 'out-sideways' ? 'the way out' : 'the flag';
  return open > 0
    ? `*${open}° open*, so to the ${lead} of ${target}`
    : `*${-open}° closed*, so to the ${trail} of ${target}`;
}

/** Aim that the feet do not show: the school keeps them parallel while the ball starts aside. */
function aimWords(call: Call, handed: Hand): string {
  const rest = Math.round(degrees(call.aim - call.setup.stanceOpen));
  if (Math.abs(rest) < 3) return '';
  const side = rest > 0 === (handed === 'right') ? 'left' : 'right';
  return `; aim the swing *${Math.abs(rest)}° ${side}*`;
}

function feetLine(call: Call, voice: Voice): string {
  const { setup } = call;
  const dug =
    setup.dig < 0.008 ? 'on top of the sand' : `dug in ${shortLengthWords(setup.dig, voice.units)}`;
  const swing =
    call.school.feetWithPath === 1 && Math.abs(degrees(setup.stanceOpen)) >= 4
      ? '; swing along your feet'
      : aimWords(call, voice.handed);
  return `Feet ${widthWords(setup.stanceWidth)}, ${dug}, ${feetDirection(call, voice.handed)}${swing}.`;
}

/**
 * Where the ball lies between the feet, 0 trail heel to 100 lead heel to the whole number, in words.
 *
 * @example
 * ballPositionWords(50); // => 'in the middle'
 */
export function ballPositionWords(ballPosition: number): string {
  const position = Math.round(ballPosition);
  if (position >= 92) return 'off the lead heel';
  if (position >= 78) return 'just inside the lead heel';
  if (position >= 64) return 'one hand inside the lead heel';
  if (position >= 56) return 'just ahead of the middle';
  if (position >= 44) return 'in the middle';
  if (position >= 30) return 'behind the middle';
  return 'towards the trail foot';
}

function handleWords(setup: Setup): string {
  const low = degrees(setup.handleLowered);
  const lean = degrees(setup.shaftLean);
  const words: string[] = [];
  if (low >= 6) words.push('hands low');
  if (low <= -3) words.push('hands high');
  if (lean >= 4) words.push('hands a little ahead');
  if (lean <= -3) words.push('handle a little back');
  return words.length > 0 ? `, ${words.join(', ')}` : '';
}

/** Distance at which a ball's edge meets a shot that is ball first, m: no mark to aim at behind the ball. */
const BALL_FIRST = 0.001;

function markLine(setup: Setup, units: UnitSystem): string {
  if (setup.technique === 'putt') return 'Hit the ball, not the sand.';
  if (setup.entry <= BALL_FIRST) return '*Ball first*, then the sand: look at its front edge.';
  const mark = `Enter the sand *${shortLengthWords(setup.entry, units)} behind* the ball`;
  switch (setup.technique) {
    case 'chop':
    case 'steep':
      return `${mark}, steeply, and drive down under it.`;
    case 'thud':
      return `${mark} with a thump, the sole barely going in.`;
    default:
      return `${mark}, and come out the same distance in front.`;
  }
}

/** What the swing is likened to where it is played through sand. */
function swingLine(call: Call, grassCarry: number, units: UnitSystem): string {
  const { setup } = call;
  if (call.kind === 'putt') {
    return `Hit it as hard as a putt of *${distanceWords(call.meant.x * 1.6, units)}* on the green: harder than it looks.`;
  }
  if (setup.fraction > 0.97) {
    return `A *full swing*, as hard as you can in balance: the swing that carries ${distanceWords(grassCarry, units)} from grass.`;
  }
  const back = clockWords(swingClock(setup.fraction));
  const hinge =
    setup.technique === 'chop' || setup.technique === 'steep' ? ', wrists hinged early' : '';
  return `Lead arm back to *${back}*${hinge}: the swing you would make for a *${pitchWords(grassCarry, units)}* pitch.`;
}

function finishLine(call: Call): string {
  switch (call.school.finish) {
    case 'full':
      return 'Swing through to a *full finish*; don’t slow down for the sand.';
    case 'three-quarter':
      return 'Finish *three-quarter*, in balance, lower body quiet.';
    case 'short':
      return 'A *short finish*, and stay down through it.';
    case 'left-in-sand':
      return 'Let the club *stay in the sand*; no follow-through.';
  }
}

/** Shoulders and grip on a slope, or nothing. */
function slopeWords(call: Call, handed: Hand): string {
  const { shot, setup } = call;
  const words: string[] = [];
  const along = degrees(shot.along);
  if (along >= 4) {
    words.push(
      setup.bodyWithSlope > 0.6 ? 'shoulders *along the upslope*' : 'lean *into the upslope*',
    );
  }
  if (along <= -4) words.push('shoulders *down the slope*; chase the ball down it');
  const across = degrees(shot.across);
  if (Math.abs(across) >= 3) {
    const side = across > 0 === (handed === 'right') ? 'left' : 'right';
    words.push(
      across > 0
        ? `stand tall, ball above your feet: it goes ${side}, the aim allows for it`
        : `more knee, grip at the end, ball below your feet: it goes ${side}, the aim allows for it`,
    );
  }
  return words.length > 0 ? ` ${capital(words.join('; '))}.` : '';
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
  const out = call.kind === 'out-sideways' ? `*${wayWords(call, voice.handed)}.* ` : '';
  return [
    { step: 'face', text: `${out}${faceLine(faceDeg, voice.handed)}` },
    { step: 'grip', text: gripLine(faceDeg, setup.gripDown, voice.units) },
    { step: 'feet', text: feetLine(call, voice) },
    { step: 'ball', text: `Ball *${ballPositionWords(setup.ballPosition)}*${handleWords(setup)}.` },
    {
      step: 'weight',
      text: `*${weightWords(setup.weightLead)}* of your weight on the lead foot, and keep it there.${slopeWords(call, voice.handed)}`,
    },
    { step: 'mark', text: markLine(setup, voice.units) },
    { step: 'swing', text: swingLine(call, grassCarry, voice.units) },
    { step: 'finish', text: finishLine(call) },
  ];
}

/** The script as one plain paragraph, without stress marks. */
export const plainScript = (lines: readonly Line[]): string =>
  lines.map(({ text }) => text.replaceAll('*', '')).join(' ');
