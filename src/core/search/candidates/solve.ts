import { CARRY_POWER, speedWith, type Golfer } from '@/core/model/golfer/golfer';
import { openingLimitDeg } from '@/core/ground/club/club';
import { risingRoot, type RootSearch } from '@/core/ground/numeric/risingRoot';
import type { School } from '../schools/school';
import { meantOf, type Meant } from '@/core/model/odds/asMeant';
import { intentOf, type Intent } from '@/core/model/shot/strike';
import { aimFor, straightened } from '@/core/model/shot/play';
import type { Shot } from '@/core/ground/situation/shot';
import { playableBallPosition, type Setup } from '@/core/model/swing/setup';
import { radians } from '@/core/ground/units/angle';

/** A set-up solved for the distance, with the aim that goes with it and what the ball as meant does. */
export interface Solved {
  state: 'solved';
  setup: Setup;
  aim: number;
  finish: Meant;
}

/** Why there is no such set-up: "cannot reach" and "cannot get out" are states, not numbers. */
export interface Unsolved {
  state: 'cannot-reach' | 'cannot-get-out' | 'too-far';
  finish: Meant;
}

/** Distance solved to within this, m. */
const CLOSE_ENOUGH = 0.02;

/** Widest mark that "more sand to go shorter" may use, m. */
const MOST_SAND = 0.055;

/** Distance that counts: the landing where one is asked for, else where the ball stops. */
function distanceOf(finish: Meant, shot: Shot): number {
  if (shot.carry !== undefined) return finish.carry;
  return Math.sqrt(finish.x * finish.x + finish.y * finish.y) * Math.sign(finish.x || 1);
}

/** True when the ball as meant passes over the lip. */
export function clearsLip(finish: Meant, shot: Shot): boolean {
  return shot.lip.height <= 0 || finish.lipClearance > 0;
}

/** The variable that a school solves, as a change of the set-up from the longest shot (0) to the shortest (1). */
function shorten(setup: Setup, school: School, shot: Shot): (share: number) => Setup {
  switch (school.solves) {
    case 'swing': {
      const [low, high] = school.fraction;
      return (share) => ({ ...setup, fraction: high - share * (high - low) });
    }
    case 'entry': {
      const from = Math.min(...school.entry(shot));
      return (share) => {
        const next = { ...setup, entry: from + share * (MOST_SAND - from) };
        next.ballPosition = playableBallPosition(next, shot);
        return next;
      };
    }
    case 'face': {
      const most = radians(openingLimitDeg(setup.club));
      return (share) => ({ ...setup, opening: share * most });
    }
  }
}

/** A set-up whose free variable is to be solved. */
export interface Unknown {
  setup: Setup;
  school: School;
  /** m by which the ball should stop beyond the target, when the shot asks for no carry. */
  past: number;
}

/** One of many that are solved side by side: what to play next, and what came of it. */
interface Solving {
  /** The set-up from the longest shot (0) to the shortest (1). */
  at: (share: number) => Setup;
  /** What all of them share, where only the swing differs. */
  like: Intent | undefined;
  longest: Meant | null;
  root: RootSearch | null;
  /** Where the ball went from each place that was looked at. */
  seen: { share: number; meant: Meant }[];
  result: Solved | Unsolved | null;
}

/**
 * Solves the free variables of many set-ups for where the ball as meant lands (when the shot asks for a carry) or stops; the
 * longest swing of each school is the cap. The set-ups are played side by side, so that many cost little more than one.
 */
export function solveAll(
  unknowns: readonly Unknown[],
  golfer: Golfer,
  shot: Shot,
): (Solved | Unsolved)[] {
  const wantedOf = ({ past }: Unknown): number => shot.carry ?? shot.pin + past;
  const all = unknowns.map(({ setup, school }): Solving => {
    const at = shorten(setup, school, shot);
    const swung = school.solves === 'swing' && setup.technique !== 'putt';
    const like = swung ? intentOf(at(0), speedWith(golfer, setup.club), shot) : undefined;
    return { at, like, longest: null, root: null, seen: [], result: null };
  });
  const open = (): number[] => all.flatMap(({ result }, i) => (result ? [] : [i]));
  const played = (which: readonly number[], share: (i: number) => number, aim?: number[]) =>
    meantOf(
      which.map((i) => {
        const { like, at } = all[i]!;
        const to = aim?.[i] ?? 0;
        if (!like) return { setup: at(share(i)), aim: to };
        const [low, high] = unknowns[i]!.school.fraction;
        return { like, fraction: high - share(i) * (high - low), aim: to };
      }),
      golfer,
      shot,
    );
  const look = (
    which: readonly number[],
    share: (i: number) => number,
    told: (each: Solving, i: number, meant: Meant) => void,
  ): void => {
    const found = played(which, share);
    which.forEach((i, k) => {
      all[i]!.seen.push({ share: share(i), meant: found[k]! });
      told(all[i]!, i, found[k]!);
    });
  };

  look(
    open(),
    () => 0,
    (each, i, longest) => {
      const short = distanceOf(longest, shot) < wantedOf(unknowns[i]!) - CLOSE_ENOUGH;
      each.longest = longest;
      if (!clearsLip(longest, shot)) each.result = { state: 'cannot-get-out', finish: longest };
      else if (short) each.result = { state: 'cannot-reach', finish: longest };
    },
  );
  look(
    open(),
    () => 1,
    (each, i, shortest) => {
      const wanted = wantedOf(unknowns[i]!);
      const least = distanceOf(shortest, shot);
      if (least > wanted + CLOSE_ENOUGH) {
        each.result = { state: 'too-far', finish: shortest };
        return;
      }
      const { school } = unknowns[i]!;
      const [low, high] = school.fraction;
      const reach = distanceOf(each.longest!, shot);
      const guess =
        school.solves === 'swing' && high > low
          ? (high - high * (wanted / Math.max(reach, 1e-6)) ** (1 / CARRY_POWER)) / (high - low)
          : 0.5;
      each.root = risingRoot(0, wanted - reach, 1, wanted - least, guess, CLOSE_ENOUGH);
    },
  );
  const searching = (): number[] =>
    open().filter((i) => all[i]!.root && all[i]!.root.next !== null);
  for (let which = searching(); which.length > 0; which = searching()) {
    look(
      which,
      (i) => all[i]!.root!.next!,
      (each, i, meant) => each.root!.seen(wantedOf(unknowns[i]!) - distanceOf(meant, shot)),
    );
  }

  const last = open();
  const best = (i: number): number => all[i]!.root!.best;
  const aims: number[] = [];
  for (const i of last) {
    const { seen } = all[i]!;
    aims[i] = straightened(0, seen.find(({ share }) => share === best(i))!.meant);
  }
  if (shot.wind.x !== 0 || shot.wind.y !== 0) {
    const blown = played(last, best, aims);
    last.forEach((i, k) => (aims[i] = straightened(aims[i]!, blown[k]!)));
  }
  const finishes = played(last, best, aims);
  last.forEach((i, k) => {
    const finish = finishes[k]!;
    all[i]!.result = clearsLip(finish, shot)
      ? { state: 'solved', setup: all[i]!.at(best(i)), aim: aims[i]!, finish }
      : { state: 'cannot-get-out', finish };
  });
  return all.map(({ result }) => result!);
}

/** {@link solveAll} for one set-up. */
export const solveFor = (
  setup: Setup,
  school: School,
  golfer: Golfer,
  shot: Shot,
  past: number,
): Solved | Unsolved => solveAll([{ setup, school, past }], golfer, shot)[0]!;

/** The school's longest swing as far as it goes, over the lip or not. */
export function farthest(setup: Setup, school: School, golfer: Golfer, shot: Shot): Solved {
  const full = shorten(setup, school, shot)(0);
  const aim = aimFor(full, golfer, shot);
  const [finish] = meantOf([{ setup: full, aim }], golfer, shot);
  return { state: 'solved', setup: full, aim, finish: finish! };
}

/** {@link farthest} for a flag out of reach, a lay-up; it must get out. */
export function longest(
  setup: Setup,
  school: School,
  golfer: Golfer,
  shot: Shot,
): Solved | Unsolved {
  const played = farthest(setup, school, golfer, shot);
  if (clearsLip(played.finish, shot)) return played;
  return { state: 'cannot-get-out', finish: played.finish };
}
