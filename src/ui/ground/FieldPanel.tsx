'use client';

import { visitOf } from '@/core/place/field/field';
import { pointOf } from '@/core/place/record/place';
import type { Spot } from '@/core/place/sight/sight';
import type { Task } from '../engine/useTask';
import { Alert } from '../kit/Alert';
import type { FieldSoFar } from './plan/FieldDrawing';

interface FieldPanelProps {
  field: Task<FieldSoFar>;
  asked: boolean;
  onAsked: (asked: boolean) => void;
  spot: Spot;
}

/** What a ball costs over the whole bunker, and on the mean. */
export function FieldPanel({ field, asked, onAsked, spot }: FieldPanelProps) {
  const { value, status, failure, stop } = field;
  const visit = value && visitOf(value.grid, value.costs, spot.bunker.bunker.rests.map(pointOf));
  const running = asked && status === 'running';
  return (
    <section aria-labelledby="hard" aria-busy={running}>
      <h2 id="hard" className="text-lg">
        Where it is hard
      </h2>
      <p className="text-sm text-ink-soft">
        Strokes to hole out from everywhere in {spot.bunker.name}, with the best that can be played
        there.
      </p>
      <div className="mt-1 flex items-center gap-2">
        <button type="button" className="button" onClick={() => onAsked(!asked)}>
          {asked ? 'Hide it' : 'Show it on the plan'}
        </button>
        {running && (
          <>
            <progress
              aria-label="Looking at every place"
              className="progress h-2 grow"
              value={value?.done ?? 0}
              max={value?.grid.places.length ?? 1}
            />
            <button type="button" className="button-quiet" onClick={stop}>
              Stop
            </button>
          </>
        )}
      </div>
      {asked && failure && <Alert>{failure.message}</Alert>}
      {asked && visit && (
        <p className="mt-1">
          A visit costs {visit.mean.toFixed(2)} strokes, from {visit.least.toFixed(1)} at the best
          place to {visit.most.toFixed(1)} at the cross.
          {spot.bunker.bunker.rests.length > 0 && ' Where balls often rest counts more.'}
        </p>
      )}
    </section>
  );
}
