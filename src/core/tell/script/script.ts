import { t } from '@/core/tell/language/t';
import { capital } from '../words/capital';
import type { Hand } from '@/core/ground/player/player';
import type { Call } from '@/core/search/calls/call';
import type { Setup } from '@/core/model/swing/setup';
import { degrees, radians } from '@/core/ground/units/angle';
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
  if (Math.abs(faceDeg) < 2.5) return t('Leave the face *square*.');
  const hour = clockWords(faceClockFor(faceDeg, handed));
  return faceDeg > 0
    ? t('Open the face to *{hour}*.', { hour })
    : t('Close the face to *{hour}*.', { hour });
}

function gripLine(faceDeg: number, gripDown: number, units: UnitSystem): string {
  const hold = Math.abs(faceDeg) < 2.5 ? t('Take your grip') : t('Then take your grip');
  if (gripDown < 0.005) return `${hold}.`;
  return t('{hold}, gripping down *{length}*.', {
    hold,
    length: shortLengthWords(gripDown, units),
  });
}

function widthWords(width: number): string {
  if (width < 0.95) return t('narrower than your shoulders');
  if (width < 1.1) return t('as wide as your shoulders');
  if (width < 1.3) return t('a little wider than your shoulders');
  return t('well wider than your shoulders');
}

/** Further from the line of the flag than this a ball goes where a group that stands behind that line may be, radians. */
const AWAY = radians(45);

/** Whether a ball is played where the group stands while others are played at the flag. */
export const isAway = ({ toward }: Pick<Call, 'toward'>): boolean =>
  Math.cos(toward) < Math.cos(AWAY);

/** Where a ball that is not played at the flag goes instead. */
export function wayWords(call: Pick<Call, 'toward'>, handed: Hand): string {
  const deg = Math.round(degrees(call.toward));
  const turn = (((deg % 360) + 540) % 360) - 180;
  if (Math.abs(turn) >= 165) return t('Straight back, away from the flag');
  const right = turn > 0 === (handed === 'right');
  return t('{turn}° to the {right} of the flag', {
    turn: Math.abs(turn),
    right: right ? t('right') : t('left'),
  });
}

/** Which way the feet point, as the player sees it. */
function feetDirection(call: Call, handed: Hand): string {
  const open = Math.round(degrees(call.setup.stanceOpen));
  if (Math.abs(open) < 4) {
    return call.kind === 'out-sideways' ? t('along the way out') : t('along the line to the flag');
  }
  const lead = handed === 'right' ? t('left') : t('right');
  const trail = handed === 'right' ? t('right') : t('left');
  const target = call.kind === 'out-sideways' ? t('the way out') : t('the flag');
  return open > 0
    ? t('*{open}° open*, so to the {lead} of {target}', { open, lead, target })
    : t('*{open}° closed*, so to the {trail} of {target}', { open: -open, trail, target });
}

/** Aim that the feet do not show: the school keeps them parallel while the ball starts aside. */
function aimWords(call: Call, handed: Hand): string {
  const rest = Math.round(degrees(call.aim - call.setup.stanceOpen));
  if (Math.abs(rest) < 3) return '';
  const side = rest > 0 === (handed === 'right') ? t('left') : t('right');
  return t('; aim the swing *{rest}° {side}*', { rest: Math.abs(rest), side });
}

/** Share of thin sand's depth that feet can be dug into. */
const DIGGABLE = 0.7;

function digWords({ setup, shot }: Call, units: UnitSystem): string {
  if (setup.dig < 0.008) return t('on top of the sand');
  if (setup.dig > DIGGABLE * shot.sand.baseDepth) return t('settled as deep as the sand lets you');
  return t('dug in {length}', { length: shortLengthWords(setup.dig, units) });
}

function feetLine(call: Call, voice: Voice): string {
  const { setup } = call;
  const swing =
    call.school.feetWithPath === 1 && Math.abs(degrees(setup.stanceOpen)) >= 4
      ? t('; swing along your feet')
      : aimWords(call, voice.handed);
  return t('Feet {width}, {dug}, {direction}{swing}.', {
    width: widthWords(setup.stanceWidth),
    dug: digWords(call, voice.units),
    direction: feetDirection(call, voice.handed),
    swing,
  });
}

/**
 * Where the ball lies between the feet, 0 trail heel to 100 lead heel to the whole number, in words.
 *
 * @example
 * ballPositionWords(50); // => 'in the middle'
 */
export function ballPositionWords(ballPosition: number): string {
  const position = Math.round(ballPosition);
  if (position >= 92) return t('off the lead heel');
  if (position >= 78) return t('just inside the lead heel');
  if (position >= 64) return t('one hand inside the lead heel');
  if (position >= 56) return t('just ahead of the middle');
  if (position >= 44) return t('in the middle');
  if (position >= 30) return t('behind the middle');
  return t('towards the trail foot');
}

function handleWords(setup: Setup): string {
  const low = degrees(setup.handleLowered);
  const lean = degrees(setup.shaftLean);
  const words: string[] = [];
  if (low >= 6) words.push(t('hands low'));
  if (low <= -3) words.push(t('hands high'));
  if (lean >= 4) words.push(t('hands a little ahead'));
  if (lean <= -3) words.push(t('handle a little back'));
  return words.length > 0 ? `, ${words.join(', ')}` : '';
}

/** Distance at which a ball's edge meets a shot that is ball first, m: no mark to aim at behind the ball. */
const BALL_FIRST = 0.001;

/** True of a head that is sent steeply down. */
const isSteep = ({ technique }: Setup): boolean => ['steep', 'chop', 'heel'].includes(technique);

function markLine(setup: Setup, units: UnitSystem): string {
  if (setup.technique === 'putt') return t('Hit the ball, not the sand.');
  if (setup.entry <= BALL_FIRST) return t('*Ball first*, then the sand: look at its front edge.');
  const mark = t('Enter the sand *{length} behind* the ball', {
    length: shortLengthWords(setup.entry, units),
  });
  if (isSteep(setup)) return t('{mark}, steeply, and drive down under it.', { mark });
  if (setup.technique === 'thud') {
    return t('{mark} with a thump, the sole barely going in.', { mark });
  }
  return t('{mark}, and come out the same distance in front.', { mark });
}

/** A down-slope from which the wrists are hinged early, degrees. */
const DOWN = -4;

/** What the swing is likened to where it is played through sand. */
function swingLine(call: Call, grassCarry: number, units: UnitSystem): string {
  const { setup } = call;
  if (call.kind === 'putt') {
    return t('Hit it as hard as a putt of *{distance}* on the green: harder than it looks.', {
      distance: distanceWords(call.meant.x * 1.6, units),
    });
  }
  if (setup.fraction > 0.97) {
    return t(
      'A *full swing*, as hard as you can in balance: the swing that carries {carry} from grass.',
      { carry: distanceWords(grassCarry, units) },
    );
  }
  const back = clockWords(swingClock(setup.fraction));
  const hinge =
    isSteep(setup) || degrees(call.shot.along) <= DOWN ? t(', wrists hinged early') : '';
  return t('Lead arm back to *{back}*{hinge}: the swing you would make for a *{pitch}* pitch.', {
    back,
    hinge,
    pitch: pitchWords(grassCarry, units),
  });
}

function finishLine(call: Call): string {
  switch (call.school.finish) {
    case 'full':
      return t('Swing through to a *full finish*; don’t slow down for the sand.');
    case 'three-quarter':
      return t('Finish *three-quarter*, in balance, lower body quiet.');
    case 'short':
      return t('A *short finish*, and stay down through it.');
    case 'left-in-sand':
      return t('Let the club *stay in the sand*; no follow-through.');
  }
}

/** Shoulders and grip on a slope, or nothing. */
function slopeWords(call: Call, handed: Hand): string {
  const { shot, setup } = call;
  const words: string[] = [];
  const along = degrees(shot.along);
  if (along >= 4) {
    words.push(
      setup.bodyWithSlope > 0.6 ? t('shoulders *along the upslope*') : t('lean *into the upslope*'),
    );
  }
  if (along <= DOWN) words.push(t('shoulders *down the slope*; chase the ball down it'));
  const across = degrees(shot.across);
  if (Math.abs(across) >= 3) {
    const side = across > 0 === (handed === 'right') ? t('left') : t('right');
    words.push(
      across > 0
        ? t('stand tall, ball above your feet: it goes {side}, the aim allows for it', { side })
        : t(
            'more knee, grip at the end, ball below your feet: it goes {side}, the aim allows for it',
            { side },
          ),
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
  const cleared = isAway(call) ? `${t('Move the group off that line first.')} ` : '';
  const out = call.kind === 'out-sideways' ? `*${wayWords(call, voice.handed)}.* ${cleared}` : '';
  return [
    { step: 'face', text: `${out}${faceLine(faceDeg, voice.handed)}` },
    { step: 'grip', text: gripLine(faceDeg, setup.gripDown, voice.units) },
    { step: 'feet', text: feetLine(call, voice) },
    {
      step: 'ball',
      text: t('Ball *{position}*{handle}.', {
        position: ballPositionWords(setup.ballPosition),
        handle: handleWords(setup),
      }),
    },
    {
      step: 'weight',
      text: t('*{share}* of your weight on the lead foot, and keep it there.{slope}', {
        share: weightWords(setup.weightLead),
        slope: slopeWords(call, voice.handed),
      }),
    },
    { step: 'mark', text: markLine(setup, voice.units) },
    { step: 'swing', text: swingLine(call, grassCarry, voice.units) },
    { step: 'finish', text: finishLine(call) },
  ];
}

/** The script as one plain paragraph, without stress marks. */
export const plainScript = (lines: readonly Line[]): string =>
  lines.map(({ text }) => text.replaceAll('*', '')).join(' ');
