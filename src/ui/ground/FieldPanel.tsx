'use client';

import { t } from '@/core/tell/language/t';
import { visitOf } from '@/core/place/field/field';
import { mm } from '@/core/place/record/edit';
import { pointOf, type Bunker } from '@/core/place/record/place';
import { counted } from '@/core/tell/words/counted';
import type { Spot } from '@/core/place/sight/sight';
import type { Task } from '../engine/useTask';
import { Alert } from '../kit/Alert';
import type { FieldSoFar } from './plan/FieldDrawing';

interface FieldPanelProps {
  field: Task<FieldSoFar>;
  asked: boolean;
  onAsked: (asked: boolean) => void;
  spot: Spot;
  onRests: (rests: Bunker['rests']) => void;
}

/** Most places of a bunker where balls often rest. */
const MOST_RESTS = 30;

/** What a ball costs over the whole bunker, and on the mean. */
export function FieldPanel({ field, asked, onAsked, spot, onRests }: FieldPanelProps) {
  const { value, status, failure, stop } = field;
  const { rests } = spot.bunker.bunker;
  const visit = value && visitOf(value.grid, value.costs, rests.map(pointOf));
  const running = asked && status === 'running';
  return (
    <section aria-labelledby="hard" aria-busy={running}>
      <h2 id="hard" className="text-lg">
        {t('Where it is hard')}
      </h2>
      <p className="text-sm text-ink-soft">
        {t(
          'Strokes to hole out from everywhere in {bunker}, with the best that can be played there.',
          { bunker: spot.bunker.name },
        )}
      </p>
      <div className="mt-1 flex items-center gap-2">
        <button type="button" className="button" onClick={() => onAsked(!asked)}>
          {asked ? t('Hide it') : t('Show it on the plan')}
        </button>
        {running && (
          <>
            <progress
              aria-label={t('Looking at every place')}
              className="progress h-2 grow"
              value={value?.done ?? 0}
              max={value?.grid.places.length ?? 1}
            />
            <button type="button" className="button-quiet" onClick={stop}>
              {t('Stop')}
            </button>
          </>
        )}
      </div>
      {asked && failure && <Alert>{failure.message}</Alert>}
      {asked && visit && (
        <p className="mt-1">
          {t(
            'A visit costs {mean} strokes, from {least} at the best place to {most} at the cross.',
            {
              mean: visit.mean.toFixed(2),
              least: visit.least.toFixed(1),
              most: visit.most.toFixed(1),
            },
          )}
        </p>
      )}
      <p className="mt-2 text-sm">
        {rests.length === 0
          ? t('All the sand counts equally.')
          : t('{places} where balls often end up count more.', {
              places: counted(rests.length, 'place', 'places'),
            })}
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="button"
          disabled={rests.length >= MOST_RESTS}
          onClick={() => onRests([...rests, { x_m: mm(spot.ball[0]), y_m: mm(spot.ball[1]) }])}
        >
          {t('Balls often end up here')}
        </button>
        {rests.length > 0 && (
          <button type="button" className="button-quiet" onClick={() => onRests([])}>
            {t('Clear those places')}
          </button>
        )}
      </div>
    </section>
  );
}
