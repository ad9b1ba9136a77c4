import { performance } from 'node:perf_hooks';
import ode45 from 'ode45-cash-karp';
import { headNormals } from '@/core/ground/club/geometry';
import { sheetFor } from '@/core/tell/answer/answer';
import { fly, type FlightStart } from '@/core/model/flight/fly';
import { NO_WIND } from '@/core/ground/situation/wind';
import { median } from '@/core/ground/numeric/order';
import { headAtMark, passToBall, rates, sandTool, STEPS } from '@/core/model/passage/passage';
import { presetSand } from '@/core/ground/sand/presets';
import { arcThrough } from '@/core/ground/arc/arc';
import { radians } from '@/core/ground/units/angle';
import { sameOrNone } from '@/core/search/calls/call';
import { lookingAt, type MapAxis, type MapCell, type MapPlace } from '@/core/search/map/callMap';
import { mapUntilBordersStand } from '@/core/testing/maps';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { quickQuestion, leaders } from '@/core/search/changes/quick';
import { PARTS, sharedBy } from '@/core/search/calls/choosing';
import { searchPart, together } from '@/core/search/calls/part';
import { prescribe, prescribedFrom } from '@/core/search/calls/prescribe';
import { toldCalls } from '@/core/tell/sheet/callSheet';
import { play, readyFor } from '@/core/model/shot/play';
import { madeWith, footingOf } from '@/core/model/spread/footing';
import { outcomeOf } from '@/core/model/shot/outcome';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { sampleSwings } from '@/core/model/spread/swings';
import { BAG } from '@/core/testing/bench';
import { aPlayer, aShot, CLUB_56 } from '@/core/testing/fixtures';
import { plainCarry, plainDerivatives, plainPassage } from '@/core/testing/plainFlight';
import { isSmall, line } from './benchLine';

/* npm run bench: speed as ratios in one run, with medians. Absolute times stand beside them for orientation. */

/** How often something is timed. */
const ROUNDS = isSmall ? 1 : 9;

/** Median milliseconds of `run` over `times` rounds, after one that is not counted. */
function timed(times: number, run: () => void): number {
  run();
  const rounds = Array.from({ length: times }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return median(rounds);
}

/** A splash of a 56, 15 open, in medium sand. */
const SAND = presetSand('medium');
const ARC = arcThrough(0.051, radians(11.5));
const HEAD_SPEED = 22;
const TOOL = sandTool(
  headNormals(CLUB_56, { opening: radians(15), handleLowered: 0, shaftLean: 0 }),
  CLUB_56,
);

const START: FlightStart = { vx: 8.4, vy: -0.6, vz: 9.4, wx: 9, wy: -190, wz: 14 };

/** The carry by a general adaptive solver (Cash-Karp 4/5), the last step shortened by cubic interpolation. */
function solverCarry(tolerance: number): number {
  const first = [0, 0, 0, START.vx, START.vy, START.vz];
  const solver = ode45(
    first,
    (out, y, t) => plainDerivatives(START, t, y).forEach((value, i) => (out[i] = value)),
    0,
    0.05,
    { tol: tolerance },
  );
  for (;;) {
    const before = [...solver.y];
    const at = solver.t;
    solver.step();
    const dt = solver.t - at;
    if (solver.y[2]! >= 0) continue;
    const hermite = (i: number, u: number): number => {
      const rise = solver.y[i]! - before[i]!;
      const a = dt * before[i + 3]! - rise;
      const b = rise - dt * solver.y[i + 3]!;
      return before[i]! + u * (rise + (1 - u) * (a * (1 - u) + b * u));
    };
    let low = 0;
    let high = 1;
    for (let i = 0; i < 20; i++) {
      const middle = (low + high) / 2;
      if (hermite(2, middle) > 0) low = middle;
      else high = middle;
    }
    return hermite(0, (low + high) / 2);
  }
}

/** The loosest tolerance at which the solver's carry is as near the truth as the product's. */
function solverTolerance(truth: number, error: number): number {
  let tolerance = 0.1;
  while (Math.abs(solverCarry(tolerance) - truth) > error && tolerance > 1e-9) tolerance /= 2;
  return tolerance;
}

/** The coarsest plain step whose carry is as near the truth as the product's. */
function plainStep(truth: number, error: number): number {
  let dt = 0.2;
  while (Math.abs(plainCarry(START, dt) - truth) > error && dt > 1e-4) dt *= 0.8;
  return dt;
}

function benchFlight(): void {
  const truth = plainCarry(START, 1e-5);
  const own = fly(START, 0, 0, NO_WIND).landing.x;
  const error = Math.max(Math.abs(own - truth), 1e-4);
  const dt = plainStep(truth, error);
  const many = 2000;
  const mine = timed(ROUNDS, () => {
    for (let i = 0; i < many; i++) fly(START, 0, 0, NO_WIND);
  });
  const plain = timed(ROUNDS, () => {
    for (let i = 0; i < many / 10; i++) plainCarry(START, dt);
  });
  const tolerance = solverTolerance(truth, error);
  const solver = timed(ROUNDS, () => {
    for (let i = 0; i < many / 10; i++) solverCarry(tolerance);
  });
  line('flight: error of the carry', `${(1000 * Math.abs(own - truth)).toFixed(2)} mm`);
  line(
    'flight: own over plain fixed steps at equal accuracy',
    (mine / (plain * 10)).toFixed(3),
    `steps of ${dt.toFixed(4)} s`,
  );
  line(
    'flight: own over a general adaptive ODE solver at equal accuracy',
    (mine / (solver * 10)).toFixed(3),
    `Cash-Karp 4/5, tolerance ${tolerance.toExponential(1)}`,
  );
  line('flight: own', `${((1000 * mine) / many).toFixed(2)} us`);
}

/** The head's way through sand by the general solver: depth and forward speed at the ball. */
function solverPassage(tolerance: number): number {
  const { mark, depth, forward, down } = headAtMark(ARC, HEAD_SPEED);
  const rate = { depth: 0, forward: 0, down: 0, swept: 0 };
  const solver = ode45(
    [depth, forward, down],
    (out, [d = 0, u = 1, v = 0], x) => {
      rates(d, u, v, x, TOOL, SAND, rate);
      out[0] = rate.depth;
      out[1] = rate.forward;
      out[2] = rate.down;
    },
    0,
    -mark / 12,
    { tol: tolerance },
  );
  solver.steps(Infinity, -mark);
  return solver.y[0]!;
}

/** Sand and flight together: one shot, each part at the accuracy of the product's own. */
function benchShot(): void {
  const truth = plainPassage(ARC, HEAD_SPEED, TOOL, SAND, 200_000).depth;
  const own = passToBall(ARC, HEAD_SPEED, TOOL, SAND, STEPS).depth;
  const error = Math.abs(own - truth);
  let steps = 12;
  while (Math.abs(plainPassage(ARC, HEAD_SPEED, TOOL, SAND, steps).depth - truth) > error) {
    steps = Math.ceil(steps * 1.2);
  }
  let tolerance = 0.1;
  while (Math.abs(solverPassage(tolerance) - truth) > error && tolerance > 1e-9) tolerance /= 2;
  const flightTruth = plainCarry(START, 1e-5);
  const flightError = Math.max(Math.abs(fly(START, 0, 0, NO_WIND).landing.x - flightTruth), 1e-4);
  const dt = plainStep(flightTruth, flightError);
  const flightTolerance = solverTolerance(flightTruth, flightError);
  const many = 1000;
  const mine = timed(ROUNDS, () => {
    for (let i = 0; i < many; i++) {
      passToBall(ARC, HEAD_SPEED, TOOL, SAND, STEPS);
      fly(START, 0, 0, NO_WIND);
    }
  });
  const plain = timed(ROUNDS, () => {
    for (let i = 0; i < many / 10; i++) {
      plainPassage(ARC, HEAD_SPEED, TOOL, SAND, steps);
      plainCarry(START, dt);
    }
  });
  const solver = timed(ROUNDS, () => {
    for (let i = 0; i < many / 10; i++) {
      solverPassage(tolerance);
      solverCarry(flightTolerance);
    }
  });
  line('shot: error of the depth at the ball', `${(1000 * error).toFixed(3)} mm`);
  line(
    'shot (sand and flight): own over plain fixed steps',
    (mine / (plain * 10)).toFixed(3),
    `${steps} Euler steps in sand`,
  );
  line('shot (sand and flight): own over the general solver', (mine / (solver * 10)).toFixed(3));
}

function benchSheet(): void {
  const player = { ...aPlayer(), bag: BAG };
  const shot = aShot(20, 3);
  const question = { player, shot, seed: 7 };
  const told = prescribe(question);
  const sheet = timed(ROUNDS, () => {
    sheetFor({ question, firmness: 0.5, notes: [] }, 'yards', () => 0);
  });
  const { setup, aim } = told.calls[0]!;
  const { golfer } = told;
  const swings = sampleSwings(golfer.habits, 1024, 7);
  const footing = footingOf(setup, shot);
  const ready = readyFor(setup, golfer, shot);
  const bare = timed(ROUNDS, () => {
    const error = { ...AS_MEANT };
    for (let i = 0; i < told.flown; i++) {
      const { finish } = play(ready, madeWith(swings[i % 1024]!, footing, error), aim);
      outcomeOf(finish, shot, golfer.skill);
    }
  });
  line(
    'call sheet: wall over the bare cost of the shots it flies',
    (sheet / bare).toFixed(2),
    `${told.flown} shots, 10 clubs, all schools`,
  );
  line('call sheet: wall', `${sheet.toFixed(0)} ms`, 'one thread');
  const shared = sharedBy(question);
  const parts = Array.from({ length: PARTS }, (_, part) => searchPart(question, part, shared));
  const longest = Math.max(
    ...parts.map((_, part) => timed(ROUNDS, () => void searchPart(question, part))),
  );
  const telling = timed(ROUNDS, () => {
    const telling = { player, units: 'yards', seed: 7 } as const;
    toldCalls(prescribedFrom(question, together(parts)), telling);
  });
  line(
    'call sheet in two threads: the longer part and the telling',
    `${(longest + telling).toFixed(0)} ms`,
    'aim under 200, 300 at the most',
  );
  const quick = quickQuestion(question);
  const first = timed(ROUNDS, () => {
    leaders(quick, shot);
  });
  line('first call, before the odds: wall', `${first.toFixed(0)} ms`, 'aim under 30');
}

/** Cells that were not looked at of which so many are looked at to see whether they are as they are drawn. */
const TRIED_CELLS = isSmall ? 2 : 60;

function benchMap(): void {
  const question = { player: { ...aPlayer(), bag: BAG }, shot: aShot(20, 3), seed: 7 };
  const start = performance.now();
  const across: MapAxis = { factor: 'distance', low: 4, high: 45, cells: isSmall ? 5 : 40 };
  const up: MapAxis = { factor: 'lip', low: 0, high: 3, cells: isSmall ? 4 : 25 };
  const look = (place: MapPlace): MapCell => toTheEnd(lookingAt(question, across, up, place));
  const map = mapUntilBordersStand(question, across, up);
  const looked = map.flat().filter(({ settled }) => settled).length;
  line(
    'call map until its borders stand: wall',
    `${((performance.now() - start) / 1000).toFixed(0)} s`,
    `${looked} of ${across.cells * up.cells} cells looked at`,
  );
  const taken = map.flatMap((row, j) =>
    row.flatMap((cell, i) => (cell.settled ? [] : [{ cell, place: [j, i] as const }])),
  );
  const tried = taken.filter((_, k) => k % Math.ceil(taken.length / TRIED_CELLS) === 0);
  const right = tried.filter(({ cell, place }) => sameOrNone(cell.best, look(place).best));
  line('  the others that are as they are drawn', `${right.length} of ${tried.length}`);
}

benchFlight();
benchShot();
benchSheet();
benchMap();
line('peak memory', `${(process.resourceUsage().maxRSS / 1024).toFixed(0)} MB`, 'aim under 200');
