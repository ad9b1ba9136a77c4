import { sayAt } from '../kit/ground';
import { useUnits } from '../kit/units';
import { t } from '@/core/tell/language/t';
import type { Point } from '@/core/place/outline/ring';
import type { Station } from '@/core/lesson/plan/lesson';
import { Handle } from '../drawing/Handle';
import type { PlanScale } from '../ground/plan/view';

/** How far an arrow key moves a ball, m. */
const STEP = 0.25;

interface StationBallProps {
  nth: number;
  at: Point;
  ground: Station['ground'];
  scale: PlanScale;
  onMove: (at: Point) => void;
}

/** The ball of a station with its number and the line that is played along. */
export function StationBall({ nth, at: [east, north], ground, scale, onMove }: StationBallProps) {
  const units = useUnits();
  const [x, y] = [scale.x(east), scale.y(north)];
  return (
    <>
      {ground && (
        <line
          x1={x}
          y1={y}
          x2={scale.x(ground.hole.x_m)}
          y2={scale.y(ground.hole.y_m)}
          stroke="var(--on-turf)"
          strokeWidth="2"
          strokeDasharray="2 6"
        />
      )}
      <Handle
        label={t('Ball of station {nth}', { nth })}
        value={east}
        valueText={sayAt([east, north], units)}
        x={x}
        y={y}
        onMove={(px, py) => onMove(scale.under(px, py))}
        onStep={(along, up) => onMove([east + along * STEP, north + up * STEP])}
        onStart={() => undefined}
        onEnd={() => undefined}
      />
      <text
        x={x + 12}
        y={y - 8}
        fontSize="16"
        fontWeight="700"
        fill="var(--on-turf)"
        stroke="var(--turf-deep)"
        strokeWidth="3"
        paintOrder="stroke"
        className="pointer-events-none select-none"
      >
        {nth}
      </text>
    </>
  );
}
