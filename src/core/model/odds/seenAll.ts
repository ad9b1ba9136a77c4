import { visibleEdge } from '@/core/ground/arc/arc';
import { engineHere, SLOT } from '../batch/engine';
import { playOnce } from '../batch/fours';
import type { Ready } from '../shot/play';
import { isCaught, seenOf, type Seen } from '../shot/seen';
import type { SwingError } from '../swing/swingError';
import { sceneOf } from './scene';

/** {@link seenOf} for many swings of a set-up that was made ready, in their order. */
export function seenAll(ready: Ready, aim: number, swings: readonly SwingError[]): Seen[] {
  const engine = engineHere();
  const { intent, shot } = ready;
  if (!engine || !intent) return swings.map((swing) => seenOf(ready, aim, swing));
  // Nothing is counted here: any skill's stakes do.
  const scene = sceneOf(shot, 'expert');
  const edge = visibleEdge(shot.burial);
  const seen: Seen[] = [];
  for (let from = 0; from < swings.length; from += SLOT) {
    const part = swings.slice(from, from + SLOT);
    const balls = playOnce(engine, scene, intent, aim, part);
    for (let i = 0; i < part.length; i++) {
      seen.push({
        entry: -balls.mark[i]! - edge,
        carry: balls.carry[i]!,
        x: balls.x[i]!,
        y: balls.y[i]!,
        thin: balls.thin[i]! > 0,
        lip: isCaught(balls.clearance[i]!, shot),
      });
    }
  }
  return seen;
}
