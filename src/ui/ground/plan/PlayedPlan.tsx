'use client';

import { t } from '@/core/tell/language/t';
import { sayAt } from '../../kit/ground';
import { useUnits } from '../../kit/units';
import { visitOf } from '@/core/place/field/field';
import { bearingOf } from '@/core/place/outline/direction';
import type { Point } from '@/core/place/outline/ring';
import { pointOf } from '@/core/place/record/place';
import type { Petal } from '@/core/place/rose/petal';
import type { Spot } from '@/core/place/sight/sight';
import { Handle } from '../../drawing/Handle';
import { type FieldSoFar, FieldDrawing } from './FieldDrawing';
import { RoseDrawing } from './RoseDrawing';
import type { PlanScale } from './view';

interface PlayedPlanProps {
  spot: Spot;
  scale: PlanScale;
  /** What a ball costs over the bunker, where it is to be seen; it takes the place of the rose. */
  field: FieldSoFar | null;
  petals: readonly Petal[];
  named: readonly Petal[];
  /** Strokes at the flag; null where nothing gets out there. */
  flag: number | null;
  chosen: number | null;
  held: boolean;
  onHeld: (held: boolean) => void;
  onBall: (at: Point) => void;
}

/** How far an arrow key moves the ball, m. */
const BALL_STEP = 0.25;

/** How large the rose is drawn, px. */
const ROSE = 84;

/** The ball in its bunker with the line to the flag and the ways out, or what a ball costs over the bunker. */
export function PlayedPlan(props: PlayedPlanProps) {
  const units = useUnits();
  const { spot, scale, field, petals, named, flag, chosen, held, onHeld, onBall } = props;
  const { ball } = spot;
  const hole = pointOf(spot.flag);
  const at = { x: scale.x(ball[0]), y: scale.y(ball[1]) };
  return (
    <>
      {field && (
        <FieldDrawing
          grid={field.grid}
          costs={field.costs}
          ring={spot.bunker.ring}
          visit={visitOf(field.grid, field.costs, spot.bunker.bunker.rests.map(pointOf))}
          scale={scale}
        />
      )}
      {spot.bunker.bunker.rests.map(({ x_m, y_m }, i) => (
        <circle
          key={i}
          cx={scale.x(x_m)}
          cy={scale.y(y_m)}
          r="7"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.6"
          strokeDasharray="3 2"
          className="pointer-events-none"
        />
      ))}
      <line
        x1={at.x}
        y1={at.y}
        x2={scale.x(hole[0])}
        y2={scale.y(hole[1])}
        stroke="var(--on-turf)"
        strokeWidth="2"
        strokeDasharray="2 6"
      />
      {!field && !held && petals.length > 0 && (
        <RoseDrawing
          petals={petals}
          named={named}
          flag={flag}
          bearing={bearingOf(ball, hole)}
          at={at}
          radius={ROSE}
          chosen={chosen}
        />
      )}
      <Handle
        label={t('Ball in {bunker}', { bunker: spot.bunker.name })}
        value={ball[0]}
        valueText={sayAt(ball, units)}
        {...at}
        onMove={(px, py) => onBall(scale.under(px, py))}
        onStep={(along, up) => onBall([ball[0] + along * BALL_STEP, ball[1] + up * BALL_STEP])}
        onStart={() => onHeld(true)}
        onEnd={() => onHeld(false)}
      />
    </>
  );
}
