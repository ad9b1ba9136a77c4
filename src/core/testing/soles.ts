import type { Club } from '@/core/ground/club/club';
import type { Skill } from '@/core/ground/player/player';
import type { SandPreset } from '@/core/ground/sand/presets';
import { sandOf, type SandReading } from '@/core/ground/sand/sandOf';
import type { Shot } from '@/core/ground/situation/shot';
import { radians } from '@/core/ground/units/angle';
import { golferOf } from '@/core/model/golfer/golferOf';
import { oddsOf } from '@/core/model/odds/odds';
import { play, readyFor } from '@/core/model/shot/play';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { sampleSwings } from '@/core/model/spread/swings';
import { AS_MEANT } from '@/core/model/swing/swingError';
import type { Call } from '@/core/search/calls/call';
import { prescribe } from '@/core/search/calls/prescribe';
import { bounceFits } from '@/core/search/audit/bounceFit';
import { setupOf } from '@/core/search/candidates/candidate';
import { solveFor } from '@/core/search/candidates/solve';
import { schoolById } from '@/core/search/schools/schools';
import { aBed, aPlayer, aShot, aSplash, CLUB_56 } from './fixtures';
import { ballOf, club, callsFor } from './bench';

/* Experiments with soles: one 56 wedge with the bounce changed, in one situation. Bounces in degrees. */

/** The 56 of the middle player with another bounce. */
export const wedge = (bounceDeg: number): Club => ({ ...CLUB_56, bounce: radians(bounceDeg) });

/** Sixteen yards over a knee-high lip. */
export const sixteen = (sand: SandPreset | SandReading): Shot => {
  if (typeof sand === 'string') return aShot(16, 3, 8, sand);
  const made = sandOf(sand);
  return { ...aShot(16, 3), sand: made, burial: made.settle };
};

/** Points that choices are made on: more than one, or the luck of one set would be taken for the club's. */
const POINTS = [3, 4] as const;
const JUDGED = 1024;

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Calls of a player whose only wedge is a 56 with this bounce, chosen on one set of points. */
const callsWith = (bounceDeg: number, shot: Shot, skill: Skill, points: number): Call[] =>
  prescribe({ player: aPlayer(skill, [wedge(bounceDeg)]), shot, seed: 3 }, { points }).calls.filter(
    ({ toward }) => toward === 0,
  );

/** Strokes of a call on swings that it was not chosen by. */
function judged(call: Call, skill: Skill, bounceDeg: number): number {
  const golfer = golferOf(aPlayer(skill, [wedge(bounceDeg)]));
  const swings = sampleSwings(golfer.habits, JUDGED, 99);
  return oddsOf(call.setup, golfer, call.shot, call.aim, swings).strokes;
}

const known = new Map<string, number>();

/** What was worked out before for the same words is not worked out again: several statements share a search. */
function once(words: readonly unknown[], work: () => number): number {
  const key = JSON.stringify(words);
  const value = known.get(key) ?? work();
  known.set(key, value);
  return value;
}

/** Strokes of the best call with this bounce, on average over several searches. */
export const bestStrokes = (bounceDeg: number, shot: Shot, skill: Skill): number =>
  once(['strokes', bounceDeg, shot, skill], () =>
    mean(
      POINTS.map((points) =>
        judged(callsWith(bounceDeg, shot, skill, points)[0]!, skill, bounceDeg),
      ),
    ),
  );

/** Marks and ways that {@link strokesAtFaces} tries: a splash, and a square thud where sand is firm. */
const MARKS = [0.022, 0.03, 0.04, 0.052] as const;
const THUD_MARKS = [0.015, 0.022] as const;
const MOST_SQUARE_THUD = 8;

/** Least strokes of a middle player among these faces, degrees, whichever mark and way suit them. */
export function strokesAtFaces(shot: Shot, faces: readonly number[], bounceDeg = 10): number {
  const tool = wedge(bounceDeg);
  const golfer = golferOf(aPlayer('middle', [tool]));
  const swings = sampleSwings(golfer.habits, 256, 5);
  const tried = (technique: 'splash' | 'thud', face: number, mark: number): number => {
    const school = { ...schoolById(technique === 'thud' ? 'square-and-chip' : 'same-sand')! };
    const setup = setupOf({ ...school, technique }, tool, face, mark, shot);
    const solved = solveFor(setup, { ...school, fraction: [0.2, 1] }, golfer, shot, 0);
    return solved.state === 'solved'
      ? oddsOf(solved.setup, golfer, shot, solved.aim, swings).strokes
      : 9;
  };
  return Math.min(
    ...faces.flatMap((face) => [
      ...MARKS.map((mark) => tried('splash', face, mark)),
      ...(face <= MOST_SQUARE_THUD ? THUD_MARKS : []).map((mark) => tried('thud', face, mark)),
    ]),
  );
}

const FACES = [0, 5, 10, 15, 20, 25, 30, 35, 40] as const;

/** Strokes that count as next to nothing when faces are weighed against each other. */
const NEXT_TO_NOTHING = 0.01;

/** Face that suits a bounce best, degrees open: the mean of all faces, each weighed by how little it costs over the best. */
export function bestFace(bounceDeg: number, shot: Shot): number {
  const strokes = FACES.map((face) => strokesAtFaces(shot, [face], bounceDeg));
  const least = Math.min(...strokes);
  const weights = strokes.map((each) => Math.exp((least - each) / NEXT_TO_NOTHING));
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.reduce((total, weight, i) => total + weight * FACES[i]!, 0) / sum;
}

/** Share of the middle player's splashes that carry under six tenths of what is meant, in points. */
export function heavyShare(bounceDeg: number, faceDeg: number, sand: SandPreset): number {
  const shot = sixteen(sand);
  const tool = wedge(bounceDeg);
  const golfer = golferOf(aPlayer('middle', [tool]));
  const school = { ...schoolById('same-sand')!, fraction: [0.2, 1] as const };
  const solved = solveFor(aSplash(tool, faceDeg), school, golfer, shot, 0);
  if (solved.state !== 'solved') throw new Error(`a splash ${faceDeg} open is not to be had`);
  const footing = footingOf(solved.setup, shot);
  const ready = readyFor(solved.setup, golfer, shot);
  const meant = play(ready, AS_MEANT, solved.aim);
  const error = { ...AS_MEANT };
  const swings = sampleSwings(golfer.habits, JUDGED, 5);
  const heavy = swings.filter((swing) => {
    const ball = play(ready, madeWith(swing, footing, error), solved.aim);
    const short = ball.finish.carry < 0.6 * meant.finish.carry;
    return short && !ball.thin && ball.path > meant.path;
  });
  return (100 * heavy.length) / swings.length;
}

/** Width of the marks, mm, from which a soft-sand splash carries within three tenths of what is meant. */
export function markSpan(bounceDeg: number): number {
  const bed = aBed('soft');
  const setup = aSplash(wedge(bounceDeg), 10, 0.04, 0.7);
  const meant = ballOf(setup, bed).carryYd;
  let span = 0;
  for (let mm = -40; mm <= 80; mm += 0.5) {
    const { carryYd } = ballOf(setup, bed, { ...AS_MEANT, mark: mm / 1000 });
    if (Math.abs(carryYd / meant - 1) < 0.3) span += 0.5;
  }
  return span;
}

/** What a splash in soft sand keeps of its carry, points, when the mark is 3 cm further back. */
export function keptHeavy(name: string): number {
  const setup = aSplash(club(name), 10, 0.04, 0.8);
  const heavy = ballOf(setup, aBed('soft'), { ...AS_MEANT, mark: 0.03 });
  return (100 * heavy.carryYd) / ballOf(setup, aBed('soft')).carryYd;
}

/** How often in 10 the best dig comes out; 0 when none is offered. */
export function digOut(shot: Shot, skill: 'expert' | 'middle'): number {
  const dig = callsFor(shot, skill).calls.find(({ kind }) => kind === 'dig');
  return dig ? 10 * dig.odds.out : 0;
}

/** The bounce that the audit finds best for a middle player in each sand, degrees. */
export function advisedBounces(sands: readonly SandPreset[]): number[] {
  const player = aPlayer('middle', [wedge(10)]);
  const golfer = golferOf(player);
  const fits = bounceFits(player, golfer, sands, sampleSwings(golfer.habits, 512, 1));
  return fits.map(({ bestDeg }) => bestDeg ?? 0);
}
