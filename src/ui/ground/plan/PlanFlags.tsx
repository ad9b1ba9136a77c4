import type { GreenOn } from '@/core/place/record/place';
import type { PlanScale } from './view';

interface PlanFlagsProps {
  greens: readonly GreenOn[];
  scale: PlanScale;
  /** The flag that is played at, in yellow; all are where none is. */
  played: string | null;
}

/** The flags of the greens. */
export function PlanFlags({ greens, scale, played }: PlanFlagsProps) {
  return greens.flatMap(({ flags }) =>
    flags.map(({ id, x_m, y_m }) => (
      <path
        key={id}
        d={`M${scale.x(x_m)} ${scale.y(y_m)} v-26 l18 6 l-18 6`}
        fill={played !== null && id !== played ? 'white' : 'var(--flag)'}
        stroke="#14302a"
        strokeWidth="1.6"
        className="pointer-events-none"
      />
    )),
  );
}
