import { logistic } from '@/core/ground/numeric/soft';
import type { Skill } from '@/core/ground/player/player';
import { strokesFromBeyond, strokesToHoleOut } from '../strokes/holeOut';
import { FRINGE } from './finish';
import type { Finish } from '../flight/finish';
import { greenHalfWidth } from '@/core/ground/situation/ground';
import type { Shot } from '@/core/ground/situation/shot';

/** Widths over which the edges blur, m: lip and green. Reality's edges are not knife-edges either. */
const LIP_BLUR = 0.05 / 4;
const OUT_BLUR = 0.5 / 4;
const EDGE_BLUR = 0.5;

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

/** Strokes to hole out for a ball left in this sand: from the average table, or less where a way out bounds it. */
export const strokesLeftIn = (shot: Shot, skill: Skill): number =>
  shot.leftIn ?? strokesToHoleOut('sand', shot.pin, skill);

/** Chance that the ball leaves the bunker, and that the lip catches it, with soft edges. */
function leaving(finish: Finish, shot: Shot): { out: number; lip: number } {
  const reach = finish.carry > 0 ? finish.landing.x : finish.x;
  const reached = logistic((reach - shot.lip.distance) / OUT_BLUR);
  if (shot.lip.height <= 0) return { out: reached, lip: 0 };
  if (finish.carry === 0) return { out: finish.lipClearance === null ? 0 : 1, lip: 0 };
  const over = finish.lipClearance === null ? 0 : logistic(finish.lipClearance / LIP_BLUR);
  return { out: reached * over, lip: reached * (1 - over) };
}

/**
 * Outcome of a finished ball. A ball that catches the lip or falls short of it stays in the sand and is played again
 * from there; one that does not carry what must be carried costs a penalty stroke and is played from before it.
 */
export function outcomeOf(finish: Finish, shot: Shot, skill: Skill): Outcome {
  const { out, lip } = leaving(finish, shot);
  const again = strokesLeftIn(shot, skill);
  if (shot.away) {
    const toHole = Math.sqrt((finish.x - shot.away.holeX) ** 2 + (finish.y - shot.away.holeY) ** 2);
    const after = strokesToHoleOut(shot.away.ground, toHole, skill);
    return { out, lip, green: 0, within2m: 0, strokes: 1 + out * after + (1 - out) * again };
  }

  const toHole = Math.sqrt((finish.x - shot.pin) ** 2 + finish.y * finish.y);
  const past = logistic((finish.x - shot.back) / EDGE_BLUR);
  const short = logistic((shot.edge - finish.x) / EDGE_BLUR);
  const inside = logistic((greenHalfWidth(shot) - Math.abs(finish.y)) / EDGE_BLUR);
  const onGreen = (1 - short) * (1 - past) * inside;
  let after = onGreen * strokesToHoleOut('green', toHole, skill);
  if (onGreen < 1) {
    const near = logistic((finish.x - shot.edge + FRINGE) / EDGE_BLUR);
    const before =
      near * strokesToHoleOut('fringe', toHole, skill) +
      (1 - near) * strokesToHoleOut(toHole > LONG_APPROACH ? 'fairway' : 'rough', toHole, skill);
    const off =
      past > 1e-6
        ? past * strokesFromBeyond(shot.beyond, toHole, skill, again) + (1 - past) * before
        : before;
    after += (1 - onGreen) * off;
  }
  let carried = 1;
  if (shot.clear !== undefined) {
    carried = logistic((finish.landing.x - shot.clear) / EDGE_BLUR);
    const hazard = 1 + strokesToHoleOut('rough', shot.pin, skill);
    after = carried * after + (1 - carried) * hazard;
  }
  return {
    out,
    lip,
    green: out * carried * onGreen,
    within2m: out * carried * logistic((2 - toHole) / 0.1),
    strokes: 1 + out * after + (1 - out) * again,
  };
}
