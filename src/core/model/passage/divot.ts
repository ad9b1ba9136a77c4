import { ARC_RADIUS, type SwingArc } from '@/core/ground/arc/arc';
import { advance, headAtMark, type SandTool } from './passage';
import type { Sand } from '@/core/ground/sand/presets';

/** Length, m, and greatest depth of the leading edge, m, of the mark a swing leaves. */
export interface Divot {
  length: number;
  depth: number;
  /** Depth of the leading edge at even steps of `step` m from the mark, for drawing. */
  profile: number[];
  step: number;
}

const STEP = 0.005;
const LONGEST = 0.6;

/**
 * How hard arms and shaft pull a head back up to the arc once it has gone below it, 1/s^2. Tuned so that
 * a splash in medium sand leaves a mark of about 15 to 30 cm, 10 to 25 mm deep.
 */
const PULL = 60000;

/**
 * Share of the face's drag that is left beyond the ball: the sheet that the face pushed has gone with the ball, and
 * arms and shaft drive the head on. Tuned with {@link PULL}, so that a splash comes out of the sand.
 */
const DRAG_BEYOND = 0.3;

/**
 * The mark in the sand, from where the head goes in to where it comes out or stops.
 *
 * @param arc path of the sole in air
 * @param speed head speed at the mark, m/s
 */
export function divotOf(arc: SwingArc, speed: number, tool: SandTool, sand: Sand): Divot {
  const state = headAtMark(arc, speed);
  const start = state.mark;
  const profile = [state.depth];
  let deepest = state.depth;
  const beyond = { ...sand, faceDrag: sand.faceDrag * DRAG_BEYOND };
  while (
    state.path < LONGEST &&
    advance(state, STEP, tool, start + state.path < 0 ? sand : beyond)
  ) {
    const x = start + state.path;
    const meant = arc.depth - ((x - arc.lowPoint) * (x - arc.lowPoint)) / (2 * ARC_RADIUS);
    state.down -= (PULL * Math.max(0, state.depth - meant) * STEP) / state.forward;
    if (state.depth <= 0) break;
    profile.push(state.depth);
    deepest = Math.max(deepest, state.depth);
  }
  return { length: state.path, depth: Math.max(0, deepest), profile, step: STEP };
}
