import { t } from '@/core/tell/language/t';
import {
  ArrowDown,
  ArrowLeft,
  ArrowRight,
  ArrowUp,
  ChevronLeft,
  ChevronRight,
  Plus,
  Trash2,
} from 'lucide-react';
import { withCornerAfter, withCornerAt, withoutCorner, type Shape } from '@/core/place/record/edit';
import { pointOf } from '@/core/place/record/place';
import { IconButton } from '../../kit/IconButton';
import { STEP } from '../plan/PlanHandles';

interface CornerBarProps {
  shape: Shape;
  corner: number | null;
  onCorner: (corner: number | null) => void;
  onChange: (change: (shape: Shape) => Shape) => void;
}

const NUDGES = [
  ['west', ArrowLeft, [-STEP, 0]],
  ['north', ArrowUp, [0, STEP]],
  ['south', ArrowDown, [0, -STEP]],
  ['east', ArrowRight, [STEP, 0]],
] as const;

/** One corner after the other, moved by buttons: for a thumb, and for corners that lie close together. */
export function CornerBar({ shape, corner, onCorner, onChange }: CornerBarProps) {
  const count = shape.outline.length;
  const at = corner === null ? undefined : shape.outline[corner];
  const step = (by: number): void =>
    onCorner(corner === null ? (by > 0 ? 0 : count - 1) : (corner + by + count) % count);
  return (
    <div role="group" aria-label={t('Corners')} className="flex flex-wrap">
      <div className="flex items-center">
        <IconButton label={t('Previous corner')} onClick={() => step(-1)}>
          <ChevronLeft size={18} aria-hidden="true" />
        </IconButton>
        <span aria-live="polite" className="min-w-28 text-center tabular-nums">
          {at
            ? t('Corner {corner} of {count}', { corner: corner! + 1, count })
            : t('{count} corners', { count })}
        </span>
        <IconButton label={t('Next corner')} onClick={() => step(1)}>
          <ChevronRight size={18} aria-hidden="true" />
        </IconButton>
      </div>
      {at && (
        <div className="flex items-center">
          {NUDGES.map(([way, Icon, [east, north]]) => (
            <IconButton
              key={way}
              label={t('Move the corner {way}', { way })}
              onClick={() => {
                const [x, y] = pointOf(at);
                onChange((now) => withCornerAt(now, corner!, [x + east, y + north]));
              }}
            >
              <Icon size={18} aria-hidden="true" />
            </IconButton>
          ))}
          <IconButton
            label={t('Add a corner after it')}
            onClick={() => {
              onChange((now) => withCornerAfter(now, corner!));
              onCorner(corner! + 1);
            }}
          >
            <Plus size={18} aria-hidden="true" />
          </IconButton>
          <IconButton
            harm
            label={t('Delete the corner')}
            disabled={count <= 3}
            onClick={() => {
              onChange((now) => withoutCorner(now, corner!));
              onCorner(null);
            }}
          >
            <Trash2 size={18} aria-hidden="true" />
          </IconButton>
        </div>
      )}
    </div>
  );
}
