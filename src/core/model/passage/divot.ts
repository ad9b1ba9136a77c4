import { lowestHang } from '@/core/ground/club/sole';
import type { SwingArc } from '@/core/ground/arc/arc';
import { advance, headAtMark, type SandTool } from './passage';
import type { Sand } from '@/core/ground/sand/presets';

/** Length of the divot a swing leaves and how deep it is where the sole went lowest, m. */
export interface Divot {
  length: number;
  depth: number;
  /** Depth of the leading edge, over the sand negative, at even steps of `step` m from the mark, for drawing. */
  profile: number[];
  step: number;
}

const STEP = 0.005;
const LONGEST = 0.6;

/** How far a mark goes into a hard base, m: a scratch. */
const SCRATCH = 0.001;

/**
 * The mark in the sand, from where the head goes in to where its sole comes out or it stops.
 *
 * @param arc path of the sole in air
 * @param speed head speed at the mark, m/s
 */
export function divotOf(arc: SwingArc, speed: number, tool: SandTool, sand: Sand): Divot {
  const state = headAtMark(arc, speed);
  const profile = [state.depth];
  let deepest = state.depth;
  const hang = lowestHang(tool.club, tool.normals.soleX);
  while (state.path < LONGEST && advance(state, STEP, tool, sand)) {
    if (state.depth + hang <= 0) break;
    profile.push(state.depth);
    deepest = Math.max(deepest, state.depth);
  }
  const depth = Math.min(Math.max(0, deepest + hang), sand.baseDepth + SCRATCH);
  return { length: state.path, depth, profile, step: STEP };
}
