import { logistic } from '../numeric/soft';
import type { Skill } from '../player/player';
import { strokesToHoleOut } from '../strokes/holeOut';
import type { Finish } from './finish';
import type { Shot } from './shot';

/** Widths over which the edges blur, m: lip and green. Reality's edges are not knife-edges either. */
const LIP_BLUR = 0.05;
const EDGE_BLUR = 0.5;

/** What became of one ball, as shares of 1, and strokes to hole out with this one counted. */
export interface Outcome {
  out: number;
  lip: number;
  green: number;
  within2m: number;
  strokes: number;
}

const blur = (x: number, width: number): number => logistic(x / width);

/**
 * Outcome of a finished ball with soft edges at the lip and at the green.
 *
 * A ball that catches the lip or falls short of it stays in the sand and is played again from there.
 */
export function outcomeOf(finish: Finish, shot: Shot, skill: Skill): Outcome {
  const reached = blur(finish.landing.x - shot.lip.distance, EDGE_BLUR / 4);
  const over = finish.lipClearance === null ? 0 : blur(finish.lipClearance, LIP_BLUR / 4);
  const out = shot.lip.height > 0 ? reached * over : reached;
  const lip = shot.lip.height > 0 ? reached * (1 - over) : 0;

  const toHole = Math.hypot(finish.x - shot.pin, finish.y);
  // Broad greens are taken: sideways the edge is as far as half the green's depth, at least 6 m.
  const halfWidth = Math.max(6, (shot.back - shot.edge) / 2);
  const onGreen =
    blur(finish.x - shot.edge, EDGE_BLUR) *
    blur(shot.back - finish.x, EDGE_BLUR) *
    blur(halfWidth - Math.abs(finish.y), EDGE_BLUR);
  const past = blur(finish.x - shot.back, EDGE_BLUR);
  const afterOut =
    onGreen * strokesToHoleOut('green', toHole, skill) +
    (1 - onGreen) *
      (past * strokesToHoleOut(shot.beyond, toHole, skill) +
        (1 - past) * strokesToHoleOut('rough', toHole, skill));
  const again = strokesToHoleOut('sand', shot.pin, skill);
  return {
    out,
    lip,
    green: out * onGreen,
    within2m: out * blur(2 - toHole, 0.1),
    strokes: 1 + out * afterOut + (1 - out) * again,
  };
}
