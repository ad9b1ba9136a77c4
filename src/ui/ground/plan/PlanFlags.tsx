import type { DrawnPlace } from '@/core/place/sight/drawnPlace';
import { flagsOn } from '@/core/place/sight/flagsOn';
import type { PlanScale } from './view';

interface PlanFlagsProps {
  place: DrawnPlace;
  /** The day whose holes are shown, YYYY-MM-DD. */
  day: string;
  scale: PlanScale;
  /** The flag that is played at, in yellow; all are where none is. */
  played: string | null;
}

/** The flags of the greens; of a hole that is not cut that day there is the place alone. */
export function PlanFlags({ place, day, scale, played }: PlanFlagsProps) {
  return flagsOn(place, day).map(({ key, flag: { id, x_m, y_m }, inPlay }) =>
    inPlay || id === played ? (
      <path
        key={key}
        d={`M${scale.x(x_m)} ${scale.y(y_m)} v-26 l18 6 l-18 6`}
        fill={played !== null && id !== played ? 'white' : 'var(--flag)'}
        stroke="#14302a"
        strokeWidth="1.6"
        className="pointer-events-none"
      />
    ) : (
      <circle
        key={key}
        cx={scale.x(x_m)}
        cy={scale.y(y_m)}
        r="4"
        fill="none"
        stroke="#14302a"
        strokeWidth="1.6"
        strokeDasharray="2 2"
        className="pointer-events-none"
      />
    ),
  );
}
