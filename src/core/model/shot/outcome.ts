import { logistic } from '@/core/ground/numeric/soft';
import type { Skill } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { Finish } from '../flight/finish';
import { fromFairway, fromRough, puttsFrom, strokesFrom } from '../strokes/holeOut';
import { aheadOf, type Ahead } from './ahead';
import { FRINGE } from './finish';
import { stakesOf, type Stakes } from './stakes';

/** Widths over which the edges blur, m: lip and green. Reality's edges are not knife-edges either. */
const LIP_BLUR = 0.05 / 4;
const OUT_BLUR = 0.5 / 4;
const EDGE_BLUR = 0.5;

/** A ball that stops this near is next to the hole, m, blurred over so much. */
const NEXT_TO_HOLE = 2;
const NEXT_BLUR = 0.1;

/** A ball that stops this far short lies on the way to the hole, not in what surrounds the green, m. */
const LONG_APPROACH = 35;

/** What became of one ball, as shares of 1, and strokes to hole out with this one counted. */
export interface Outcome {
  out: number;
  lip: number;
  green: number;
  within2m: number;
  strokes: number;
}

/** Share of the ball that comes as far as the lip, with a soft edge. */
const reachedShare = (finish: Finish, ahead: Ahead): number =>
  logistic(((finish.carry > 0 ? finish.landing.x : finish.x) - ahead.lipDistance) / OUT_BLUR);

/** Share of what came so far that goes over the lip; a ball that rolls is out or not. */
function overShare(finish: Finish, ahead: Ahead): number {
  const flown = logistic(finish.lipClearance / LIP_BLUR);
  return ahead.lipHeight > 0 && finish.carry > 0 ? flown : 1;
}

/**
 * Outcome of a finished ball. A ball that catches the lip or falls short of it stays in the sand and is played again
 * from there; one that does not carry what must be carried costs a penalty stroke and is played from before it.
 */
export function outcomeAhead(finish: Finish, ahead: Ahead, stakes: Stakes): Outcome {
  const { x, y } = finish;
  const { game } = stakes;
  const rolls = ahead.lipHeight > 0 && finish.carry === 0;
  const reached = rolls ? (finish.lipClearance > 0 ? 1 : 0) : reachedShare(finish, ahead);
  const over = overShare(finish, ahead);
  const out = reached * over;
  const toHole = Math.sqrt((x - ahead.holeX) ** 2 + (y - ahead.holeY) ** 2);
  let onGreen = 0;
  let after = 0;
  if (ahead.away) {
    after = strokesFrom(stakes.ground, toHole, game);
  } else {
    const past = logistic((x - ahead.back) / EDGE_BLUR);
    const short = logistic((ahead.edge - x) / EDGE_BLUR);
    const inside = logistic((ahead.halfWidth - Math.abs(y)) / EDGE_BLUR);
    onGreen = (1 - short) * (1 - past) * inside;
    const near = logistic((x - ahead.edge + FRINGE) / EDGE_BLUR);
    const fairway = fromFairway(toHole, game);
    const rough = fromRough(toHole, game);
    const before = near * fairway + (1 - near) * (toHole > LONG_APPROACH ? fairway : rough);
    let off = before;
    if (past > 1e-6) off = past * strokesFrom(stakes.past, toHole, game) + (1 - past) * before;
    after = onGreen * puttsFrom(toHole, game) + (1 - onGreen) * off;
  }
  const carried = logistic((finish.landing.x - stakes.clear) / EDGE_BLUR);
  after = carried * after + (1 - carried) * stakes.hazard;
  const counted = out * carried;
  const next = logistic((NEXT_TO_HOLE - toHole) / NEXT_BLUR);
  return {
    out,
    lip: reached * (1 - over),
    green: counted * onGreen,
    within2m: ahead.away ? 0 : counted * next,
    strokes: 1 + out * after + (1 - out) * stakes.again,
  };
}

/** {@link outcomeAhead} of one ball. */
export const outcomeOf = (finish: Finish, shot: Shot, skill: Skill): Outcome =>
  outcomeAhead(finish, aheadOf(shot), stakesOf(shot, skill));
