import type { SandPreset } from '@/core/ground/sand/presets';
import type { Golfer } from '@/core/model/golfer/golfer';
import { withLearnt } from '@/core/model/golfer/golferOf';
import type { Hit } from '@/core/model/shot/hit';
import { readyFor, type Ready } from '@/core/model/shot/play';
import { seenAll } from '@/core/model/odds/seenAll';
import { divotBy, type Seen } from '@/core/model/shot/seen';
import { footingOf, madeWith, type Footing } from '@/core/model/spread/footing';
import { swingOf } from '@/core/model/spread/swings';
import { AS_MEANT, type SwingError } from '@/core/model/swing/swingError';
import type { Sampler } from '@/core/ground/numeric/sampling';
import type { Difference } from './peer';
import { recorded, slipsOf, type LoggedBall, type Slips } from './recorded';

/** Calls that balls were hit for, each once, and which one each ball was for. */
export interface Calls {
  hits: Hit[];
  of: number[];
}

/** The calls of balls. */
export function callsOf(balls: readonly Hit[]): Calls {
  const hits: Hit[] = [];
  const of = balls.map(({ setup, aim, shot }) => {
    const known = hits.findIndex(
      (hit) => hit.setup === setup && hit.shot === shot && hit.aim === aim,
    );
    return known >= 0 ? known : hits.push({ setup, aim, shot }) - 1;
  });
  return { hits, of };
}

/** A player of the skill who differs from it so. */
export const differing = (golfer: Golfer, difference: Difference): Golfer =>
  withLearnt(golfer, { ...difference, version: 1, balls: 0 });

/** What nobody knows of a player's swings and of the records of them: it is drawn anew for every player. */
export interface Manner {
  /** Degrees of freedom of the errors' tails (Student's t). */
  freedom: number;
  /** Share of the numbers written down that are something else. */
  wild: number;
}

/** Heaviest tails, lightest, and most slips that are thought of. Tuned. */
const FREEDOM = [5, 50] as const;
const MOST_WILD = 0.1;

/** A manner at random: tails evenly by how heavy they are. */
export function drawManner({ uniform }: Sampler): Manner {
  const [heavy, light] = FREEDOM;
  const weight = 1 / light + uniform() * (1 / heavy - 1 / light);
  return { freedom: 1 / weight, wild: MOST_WILD * uniform() };
}

/** What a fault makes of a swing. */
export type Change = (swing: SwingError) => SwingError;

const asItIs: Change = (swing) => swing;

/**
 * The balls that another player would have been logged with, in place of those that were.
 *
 * @param inSand the player, in a kind of sand
 * @param change what a fault makes of each swing
 */
export function ballsLike(
  balls: readonly LoggedBall[],
  { hits, of }: Calls,
  inSand: (sand: SandPreset | undefined) => Golfer,
  { freedom, wild }: Manner,
  sampler: Sampler,
  change: Change = asItIs,
): LoggedBall[] {
  const z = (): number => sampler.student(freedom);
  // By call and sand: there are few of either.
  const groups = hits.map(() => new Map<SandPreset | undefined, Group>());
  const swings = balls.map((like, i): Swung => {
    const bySand = groups[of[i]!]!;
    let group = bySand.get(like.sand);
    if (!group) bySand.set(like.sand, (group = groupOf(hits[of[i]!]!, inSand(like.sand))));
    const made = change(madeWith(swingOf(group.golfer.habits, z), group.footing, { ...AS_MEANT }));
    group.made.push(made);
    const slips = slipsOf(like, wild, sampler);
    return { group, made, slips, at: group.made.length - 1 };
  });
  for (const group of groups.flatMap((bySand) => [...bySand.values()]))
    group.seen = seenAll(group.ready, group.aim, group.made);
  return balls.map((like, i) => {
    const { group, made, slips, at } = swings[i]!;
    const marked = like.depth !== undefined || like.length !== undefined;
    const { setup, shot } = group.ready;
    const divot = marked ? divotBy(setup, group.golfer, shot, made) : null;
    return recorded(group.seen[at]!, like, slips, divot);
  });
}

/** Balls of one call in one sand: they are played side by side. */
interface Group {
  golfer: Golfer;
  ready: Ready;
  footing: Footing;
  aim: number;
  made: SwingError[];
  seen: Seen[];
}

const groupOf = ({ setup, aim, shot }: Hit, golfer: Golfer): Group => ({
  golfer,
  ready: readyFor(setup, golfer, shot),
  footing: footingOf(setup, shot),
  aim,
  made: [],
  seen: [],
});

/** A ball's swing, what slips as it is written down, and where in its group it stands. */
interface Swung {
  group: Group;
  made: SwingError;
  slips: Slips;
  at: number;
}
